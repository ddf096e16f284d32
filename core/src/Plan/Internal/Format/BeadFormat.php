<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Document\Node;
use Facelift\Geometry\Leg;
use Facelift\Geometry\Point;
use Facelift\Seal\Bead;
use Facelift\Seal\GlassLaying;

/**
 * Liquid adhesive, as a bead on a ledge or laid under new glass, in a plan document. What follows from the figures is
 * written for people and not read back.
 *
 * @internal
 */
final readonly class BeadFormat
{
    public function __construct(private LegFormat $legs = new LegFormat()) {}

    /** @return array<string, mixed> */
    public function write(Bead $b): array
    {
        return [
            'diameter' => $b->diameter,
            'gap' => $b->gap,
            'inset' => $b->inset,
            'open' => $b->open,
            'stretches' => array_map(
                fn(array $legs): array => array_map($this->legs->write(...), $legs),
                $b->stretches,
            ),
            'interrupted' => $b->interrupted,
            'width' => round($b->width(), 3),
            'length' => round($b->length(), 2),
            'ml' => round($b->ml(), 4),
            'seconds' => round($b->seconds()),
            'pace' => round(max(Bead::PACE, $b->leastPace()), 2),
            'inTime' => $b->inTime(),
            'squeezedOut' => round($b->squeezedOut(), 4),
        ];
    }

    public function read(Node $n): Bead
    {
        return new Bead(
            $n->number('diameter', 0.01, 100),
            $n->number('gap', 0.001, 100),
            $n->number('inset', 0, 100),
            $n->lists('stretches', $this->legs->read(...)),
            $n->strings('interrupted'),
            $n->number('open', 0, 100_000),
        );
    }

    /** @return array<string, mixed> */
    public function writeGlass(GlassLaying $g): array
    {
        return [
            'gap' => $g->gap,
            'area' => $g->area,
            'bar' => array_map($this->legs->write(...), $g->bar),
            'drops' => array_map(static fn(Point $p): array => ['x' => $p->x, 'y' => $p->y], $g->drops),
            'spread' => $g->spread,
            'sooner' => $g->sooner,
            'ml' => round($g->ml(), 3),
        ];
    }

    public function readGlass(Node $n): GlassLaying
    {
        return new GlassLaying(
            $n->number('gap', 0.001, 100),
            $n->number('area', 0, 1_000_000),
            $n->each('bar', fn(Node $l): Leg => $this->legs->read($l)),
            $n->each('drops', static fn(Node $p): Point => new Point(
                $p->number('x', -100, 1000),
                $p->number('y', -100, 1000),
            )),
            $n->number('spread', 0, 1_000_000),
            $n->number('sooner', 0, 1_000_000),
        );
    }
}
