<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\ImpossibleShape;
use Facelift\Geometry\Leg;
use Facelift\Geometry\Loop;
use Facelift\Geometry\Point;
use Facelift\Geometry\RoundedRectangle;

/**
 * Lays a bead where the tape was. Pressed, it stays its clearance away from every opening, and out of the well; it is
 * interrupted where it must be.
 */
final readonly class BeadPlanner
{
    /** mm of bead that fine tips lay (common practice, no source) */
    public const NOZZLES = [0.4, 0.5, 0.6, 0.7, 0.8, 1.0, 1.2];
    /** Share of the ledge that a pressed bead may take: a hand does not lay it truer (common practice, no source). */
    private const OF_LEDGE = 0.9;
    /** mm between the places that are looked at, refined to a hundredth where it begins and ends */
    private const STEP = 0.25;

    /**
     * The thickest bead that the narrowest side of the ledge takes, once it is pressed to the gap.
     *
     * @param float      $gap    mm, more than zero
     * @param float      $room   °C
     * @param float|null $beside mm beside tape at the wall, where the bead goes; null for a bead alone
     *
     * @throws NothingToSeal If no tip lays a bead that thin, or the gap is none.
     */
    public function plan(Rim $rim, float $gap, float $room, ?float $beside = null): Bead
    {
        if (!is_finite($gap) || $gap < 0.02 || $gap > 1.5) {
            throw NothingToSeal::figure('gap', $gap, 0.02, 1.5);
        }
        $wide = $beside ?? self::OF_LEDGE * $rim->narrowest();
        $fits = array_filter(self::NOZZLES, static fn(float $d): bool => Bead::spreads($d, $gap) <= $wide + 1e-9);
        if ($fits === []) {
            throw NothingToSeal::beadTooWide(min(self::NOZZLES), Bead::spreads(min(self::NOZZLES), $gap), $wide);
        }
        $diameter = max($fits);
        $spread = Bead::spreads($diameter, $gap);
        $inset = $beside === null ? max($spread / 2, $rim->narrowest() / 2 - 0.2) : $spread / 2;
        [$stretches, $interrupted] = $this->stretches($rim, round($inset, 4), $spread / 2);

        return new Bead(
            $diameter,
            $gap,
            round($inset, 4),
            $stretches,
            $interrupted,
            // A chemical reaction that doubles with ten degrees (rule of thumb, from memory).
            round(Bead::OPEN * 2 ** ((20.0 - $room) / 10), 1),
        );
    }

    /** @return array{list<list<Leg>>, list<string>} */
    private function stretches(Rim $rim, float $inset, float $half): array
    {
        try {
            $path = $rim->wall->inset($inset);
        } catch (ImpossibleShape) {
            return [[], []];
        }
        $loop = new Loop($path);
        $places = array_map($loop->at(...), range(0.0, $loop->length(), self::STEP));
        $near = [];
        $interrupted = [];
        foreach ($rim->keepOuts as $out) {
            $shape = $out->shape->grown($half);
            if (self::crosses($places, $shape)) {
                $near[] = $shape;
                $interrupted[] = $out->opening;
            }
        }
        $spans = $this->free($loop, $near);

        return [
            array_map(static fn(array $s): array => $loop->between($s[0], $s[1]), $spans),
            array_values(array_filter($interrupted, is_string(...))),
        ];
    }

    /** @param list<Point> $places */
    private static function crosses(array $places, RoundedRectangle $shape): bool
    {
        foreach ($places as $p) {
            if ($shape->holds($p)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<RoundedRectangle> $blocked
     *
     * @return list<array{float, float}> mm along the loop; the last may run over into the next round
     */
    private function free(Loop $loop, array $blocked): array
    {
        $isFree = static function (float $at) use ($loop, $blocked): bool {
            $p = $loop->at($at);
            foreach ($blocked as $shape) {
                if ($shape->holds($p)) {
                    return false;
                }
            }

            return true;
        };
        $length = $loop->length();
        if ($blocked === []) {
            return [[0.0, $length]];
        }
        $start = 0.0;
        while ($start < $length && $isFree($start)) {
            $start += self::STEP;
        }
        $spans = [];
        $from = null;
        for ($at = $start; $at < $start + $length + self::STEP; $at += self::STEP) {
            $free = $isFree($at) && $at < $start + $length;
            if ($free && $from === null) {
                $from = $this->edge($isFree, $at - self::STEP, $at);
            } elseif (!$free && $from !== null) {
                $to = $this->edge($isFree, $at, $at - self::STEP);
                if ($to - $from >= Piece::SHORTEST) {
                    $spans[] = [$from, $to];
                }
                $from = null;
            }
        }

        return $spans;
    }

    /**
     * The last free place between a blocked and a free one.
     *
     * @param callable(float): bool $isFree
     */
    private function edge(callable $isFree, float $blocked, float $free): float
    {
        while (abs($free - $blocked) > 0.005) {
            $try = ($free + $blocked) / 2;
            [$blocked, $free] = $isFree($try) ? [$blocked, $try] : [$try, $free];
        }

        return $free;
    }
}
