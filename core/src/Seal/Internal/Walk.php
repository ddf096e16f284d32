<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Geometry\Side;
use Facelift\Seal\Bare;
use Facelift\Seal\EdgePlace;
use Facelift\Seal\HeldCorner;
use Facelift\Seal\Piece;
use Facelift\Seal\Rim;

/**
 * Once round the bezel's wall, clockwise from the beginning of the top side: what is held of it.
 *
 * @internal
 */
final readonly class Walk
{
    /** mm: pieces are told to a thousandth, what is nearer than this touches */
    private const TOUCH = 0.01;

    /** @var array<string, array{float, float}> mm from where the walk begins, by place */
    private array $places;
    /** @var list<array{float, float}> held, in order, none touching */
    private array $held;

    /** @param list<Piece> $pieces */
    public function __construct(private Rim $rim, array $pieces)
    {
        $places = [];
        $at = 0.0;
        foreach (EdgePlace::roundFrom(Side::Top) as $place) {
            $side = $place->side();
            $length = $side === null ? $rim->wall->corner() : $rim->wall->straight($side);
            $places[$place->value] = [$at, $at + $length];
            $at += $length;
        }
        $this->places = $places;
        $this->held = self::together(array_merge(...array_map($this->spans(...), $pieces)));
    }

    /** Share of the edge that is held. */
    public function share(): float
    {
        $held = array_sum(array_map(static fn(array $h): float => $h[1] - $h[0], $this->held));

        return min(1.0, $held / $this->length());
    }

    public function longestBare(): ?Bare
    {
        if ($this->held === []) {
            return new Bare(EdgePlace::Top, $this->length());
        }
        $longest = null;
        foreach ($this->held as $i => [, $to]) {
            $next = $this->held[$i + 1][0] ?? $this->held[0][0] + $this->length();
            if ($next - $to > self::TOUCH && ($longest === null || $next - $to > $longest->length)) {
                $longest = new Bare($this->placeAt($to), $next - $to);
            }
        }

        return $longest;
    }

    public function weakest(): HeldCorner
    {
        $weakest = null;
        foreach (EdgePlace::roundFrom(Side::Top) as $place) {
            if (!$place->isCorner()) {
                continue;
            }
            $share = $this->shareOf($place);
            if ($weakest === null || $share < $weakest->share) {
                $weakest = new HeldCorner($place, $share);
            }
        }

        return $weakest ?? throw new \LogicException('a phone has four corners');
    }

    private function shareOf(EdgePlace $place): float
    {
        [$from, $to] = $this->spanOf($place);
        if ($to - $from < 1e-9) {
            return 1.0;
        }
        $held = 0.0;
        foreach ($this->held as [$a, $b]) {
            $held += max(0.0, min($b, $to) - max($a, $from));
        }

        return $held / ($to - $from);
    }

    /**
     * Where a piece lies on the walk: of a strip that runs through a corner, the corner's part along its arc.
     *
     * @return list<array{float, float}>
     */
    private function spans(Piece $piece): array
    {
        if ($piece->place === EdgePlace::Middle) {
            return [];
        }
        [$from, $to] = $this->spanOf($piece->place);
        $side = $piece->place->side();
        if ($side === null) {
            return [[$from + $piece->from, $from + $piece->to]];
        }
        $whole = $this->rim->wall->length($side);
        $ends = [$this->arcward($piece->from, $whole), $this->arcward($piece->to, $whole)];
        // The bottom and the left side are walked from their far end.
        $spans = $side === Side::Top || $side === Side::Right
            ? [$from + $ends[0], $from + $ends[1]]
            : [$to - $ends[1], $to - $ends[0]];
        $all = $this->length();

        return match (true) {
            $spans[0] < 0 => [[$spans[0] + $all, $all], [0.0, $spans[1]]],
            $spans[1] > $all => [[$spans[0], $all], [0.0, $spans[1] - $all]],
            default => [$spans],
        };
    }

    /** mm along the wall from the end of the corner; less than zero inside of the corner, there along its arc. */
    private function arcward(float $along, float $whole): float
    {
        $r = $this->rim->wall->radius;
        $bend = static fn(float $into): float => $r * asin(min(1.0, $into / $r));

        return match (true) {
            $along < $r => -$bend($r - $along),
            $along > $whole - $r => $whole - 2 * $r + $bend($along - ($whole - $r)),
            default => $along - $r,
        };
    }

    /** @return array{float, float} mm from where the walk begins */
    private function spanOf(EdgePlace $place): array
    {
        return $this->places[$place->value] ?? throw new \LogicException('the walk does not pass the middle');
    }

    private function placeAt(float $at): EdgePlace
    {
        foreach ($this->places as $place => [$from, $to]) {
            if ($at >= $from - 1e-6 && $at < $to - 1e-6) {
                return EdgePlace::from($place);
            }
        }

        return EdgePlace::Top;
    }

    /** mm */
    private function length(): float
    {
        return $this->rim->wall->perimeter();
    }

    /**
     * @param list<array{float, float}> $spans
     *
     * @return list<array{float, float}>
     */
    private static function together(array $spans): array
    {
        sort($spans);
        $out = [];
        $open = null;
        foreach ($spans as [$from, $to]) {
            if ($open !== null && $from > $open[1] + self::TOUCH) {
                $out[] = $open;
                $open = null;
            }
            $open = $open === null ? [$from, $to] : [$open[0], max($open[1], $to)];
        }

        return $open === null ? $out : [...$out, $open];
    }
}
