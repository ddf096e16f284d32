<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Document\Node;
use Facelift\Geometry\Leg;
use Facelift\Geometry\Point;

/**
 * Straight pieces and arcs of a path, in a plan document.
 *
 * @internal
 */
final readonly class LegFormat
{
    /** @return array<string, mixed> */
    public function write(Leg $l): array
    {
        $line = [
            'x1' => $l->start->x,
            'y1' => $l->start->y,
            'x2' => $l->end->x,
            'y2' => $l->end->y,
            'arc' => null,
        ];

        return $l->centre === null ? $line : [
            'arc' => [
                'cx' => $l->centre->x,
                'cy' => $l->centre->y,
                'r' => $l->radius,
                'from' => $l->from,
                'to' => $l->to,
            ],
        ] + $line;
    }

    public function read(Node $n): Leg
    {
        $arc = $n->optionalNode('arc');
        if ($arc !== null) {
            return Leg::arc(
                new Point($arc->number('cx', -100, 1000), $arc->number('cy', -100, 1000)),
                $arc->number('r', 0, 1000),
                $arc->number('from', -20, 20),
                $arc->number('to', -20, 20),
            );
        }

        return Leg::line(
            new Point($n->number('x1', -100, 1000), $n->number('y1', -100, 1000)),
            new Point($n->number('x2', -100, 1000), $n->number('y2', -100, 1000)),
        );
    }
}
