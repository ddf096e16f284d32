<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Document\Node;
use Facelift\Geometry\Point;
use Facelift\Geometry\Polygon;
use Facelift\Seal\EdgePlace;
use Facelift\Seal\Notch;
use Facelift\Seal\Piece;

/**
 * A piece of tape, in a plan document.
 *
 * @internal
 */
final readonly class PieceFormat
{
    /** @return array<string, mixed> */
    public function write(Piece $p): array
    {
        return [
            'place' => $p->place->value,
            'stock' => $p->stock,
            'length' => $p->length,
            'from' => $p->from,
            'to' => $p->to,
            'depth' => $p->depth,
            'trimmed' => $p->trimmed,
            'notch' => $p->notch === null ? null : [
                'count' => $p->notch->count,
                'every' => $p->notch->every,
                'open' => $p->notch->open,
            ],
            'points' => array_map(
                static fn(Point $at): array => ['x' => $at->x, 'y' => $at->y],
                $p->lies->points,
            ),
        ];
    }

    public function read(Node $n): Piece
    {
        $notch = $n->optionalNode('notch');
        $points = $n->each('points', static fn(Node $p): Point => new Point(
            $p->number('x', -100, 1000),
            $p->number('y', -100, 1000),
        ));
        if (\count($points) < 3) {
            $n->fault('points', 'must be three or more');
            $points = [new Point(0, 0), new Point(0, 0), new Point(0, 0)];
        }

        return new Piece(
            $n->enum('place', EdgePlace::class),
            $n->number('stock', 0, 100),
            $n->number('length', 0, 1000),
            Polygon::of($points),
            $n->number('from', -100, 1000),
            $n->number('to', -100, 1000),
            $n->number('depth', 0, 100),
            $notch === null ? null : new Notch(
                $notch->int('count', 1, 100),
                $notch->number('every', 0, 100),
                $notch->number('open', 0, 100),
            ),
            $n->flag('trimmed'),
        );
    }
}
