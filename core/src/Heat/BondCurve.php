<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** The estimated temperature of a bond from a moment on, and how far it is off if the source is hotter. */
final readonly class BondCurve
{
    /**
     * @param float       $every  s from one to the next, more than zero
     * @param list<float> $likely °C
     * @param list<float> $hot    °C with a source that is hotter than 95 of 100
     * @param float       $room   °C
     */
    public function __construct(public float $every, public array $likely, public array $hot, public float $room) {}

    /** s to its end */
    public function length(): float
    {
        return $this->every * max(0, \count($this->likely) - 1);
    }

    /**
     * mm of straight edge that a blade comes along between two moments.
     *
     * @param float $from s, zero or more
     * @param float $to   s; at the curve's end it stops
     */
    public function reach(PaceCurve $pace, float $from, float $to): float
    {
        return $this->reaches(
            $pace,
            $from,
            $to,
            [0.0],
            0.0,
        )[0];
    }

    /**
     * The same in each of several cases.
     *
     * @param non-empty-list<float> $off    by how many standard deviations the bond is further inside its window
     * @param float                 $window K, one standard deviation of where the window begins
     *
     * @return non-empty-list<float>
     */
    public function reaches(
        PaceCurve $pace,
        float $from,
        float $to,
        array $off,
        float $window,
    ): array {
        $reach = array_fill(0, \count($off), 0.0);
        for ($i = (int) ($from / $this->every), $n = \count($this->likely) - 1; $i < $n; ++$i) {
            $begin = max($from, $i * $this->every);
            $end = min($to, ($i + 1) * $this->every);
            if ($end <= $begin) {
                break;
            }
            $middle = ($begin + $end) / 2 / $this->every - $i;
            $likely = $this->likely[$i] + $middle * ($this->likely[$i + 1] - $this->likely[$i]);
            $hot = $this->hot[$i] + $middle * ($this->hot[$i + 1] - $this->hot[$i]);
            $deviation = sqrt($window * $window + (($hot - $likely) / Uncertainty::NINETY_FIVE) ** 2);
            $seconds = $end - $begin;
            foreach ($off as $case => $deviations) {
                $reach[$case] += $seconds * $pace->at($likely + $deviations * $deviation);
            }
        }

        return array_values($reach);
    }

    /**
     * Seconds that a blade takes for so many mm of straight edge.
     *
     * @return float|null null if the bond grips before
     */
    public function secondsFor(PaceCurve $pace, float $mm, float $from): ?float
    {
        $left = $mm;
        for ($s = $from, $end = $this->length(); $s < $end - 1e-9; $s = $next) {
            $next = min($end, (floor($s / $this->every + 1e-9) + 1) * $this->every);
            $reach = $this->reach($pace, $s, $next);
            if ($reach >= $left - 1e-9) {
                return $s - $from + ($next - $s) * ($reach > 0.0 ? min(1.0, $left / $reach) : 0.0);
            }
            $left -= $reach;
        }

        return null;
    }

    /** Seconds from a moment on until the bond is colder than this. */
    public function above(float $celsius, float $from): float
    {
        for ($i = (int) ceil($from / $this->every - 1e-9); $i < \count($this->likely); ++$i) {
            if ($this->likely[$i] < $celsius) {
                return max(0.0, $i * $this->every - $from);
            }
        }

        return max(0.0, $this->length() - $from);
    }
}
