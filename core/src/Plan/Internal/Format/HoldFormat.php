<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Document\Node;
use Facelift\Document\Reason;
use Facelift\Geometry\Point;
use Facelift\Geometry\Side;
use Facelift\Seal\ClampPlace;
use Facelift\Seal\Hold;
use Facelift\Seal\HoldBy;

/**
 * How long a bond is held, in a plan document.
 *
 * @internal
 */
final readonly class HoldFormat
{
    /** @return array<string, mixed> */
    public function write(Hold $h): array
    {
        return [
            'by' => $h->by->value,
            'clamp' => $h->clamp,
            'longer' => $h->longer,
            'light' => $h->light,
            'cure' => $h->cure,
            'places' => array_map(
                static fn(ClampPlace $p): array => [
                    'side' => $p->side->value,
                    'x' => $p->at->x,
                    'y' => $p->at->y,
                ],
                $h->places,
            ),
            'perMm' => $h->perMm,
            'untilScrews' => $h->untilScrews(),
            'untilCarried' => $h->untilCarried(),
            'because' => Maps::reasons($h->because),
        ];
    }

    public function read(Node $n): Hold
    {
        return new Hold(
            $n->enum('by', HoldBy::class),
            $n->number('clamp', 0, 10_000),
            $n->number('longer', 0, 10_000),
            $n->number('light', 0, 1000),
            $n->number('cure', 0, 1000),
            $n->each('places', static fn(Node $p): ClampPlace => new ClampPlace(
                $p->enum('side', Side::class),
                new Point($p->number('x', -100, 1000), $p->number('y', -100, 1000)),
            )),
            $n->number('perMm', 0, 1000),
            $n->each('because', Reason::read(...)),
        );
    }
}
