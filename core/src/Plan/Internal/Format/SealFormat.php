<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Anatomy\Renewal;
use Facelift\Document\Node;
use Facelift\Fit\HeightBudget;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\Side;
use Facelift\Seal\SealPlan;
use Facelift\Seal\Strip;

/**
 * How a bond is made again, in a plan document.
 *
 * @internal
 */
final readonly class SealFormat
{
    /** @return array<string, mixed> */
    public function write(SealPlan $s): array
    {
        $h = $s->height;

        return [
            'bond' => $s->bond,
            'renewal' => $s->renewal->value,
            'strips' => array_map(self::strip(...), $s->strips),
            'metres' => Maps::of($s->metres),
            'freed' => $s->freed,
            'height' => $h === null ? null : [
                'recess' => $h->recess,
                'module' => $h->module,
                'adhesive' => $h->adhesive,
                'tolerance' => $h->tolerance,
                'proud' => $h->proud(),
                'likely' => $h->likely(),
                'worst' => $h->worst(),
            ],
        ];
    }

    public function read(Node $n): SealPlan
    {
        $h = $n->optionalNode('height');
        $height = $h === null ? null : new HeightBudget(
            $h->number('recess', 0, 100),
            $h->number('module', 0, 100),
            $h->number('adhesive', 0, 100),
            $h->number('tolerance', 0, 100),
        );

        return new SealPlan(
            $n->string('bond'),
            $n->enum('renewal', Renewal::class),
            $n->each('strips', self::readStrip(...)),
            array_map(floatval(...), $n->figures('metres')),
            $height,
            $n->strings('freed'),
        );
    }

    /** @return array<string, mixed> */
    private static function strip(Strip $s): array
    {
        $b = $s->box;

        return [
            'side' => $s->side->value,
            'stock' => $s->width,
            'x' => $b->x,
            'y' => $b->y,
            'width' => $b->width,
            'height' => $b->height,
            'length' => $s->length(),
        ];
    }

    private static function readStrip(Node $n): Strip
    {
        $box = new Rectangle(
            $n->number('x', -100, 1000),
            $n->number('y', -100, 1000),
            $n->number('width', 0, 1000),
            $n->number('height', 0, 1000),
        );

        return new Strip($n->enum('side', Side::class), $n->number('stock', 0, 100), $box);
    }
}
