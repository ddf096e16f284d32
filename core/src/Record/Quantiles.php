<?php

declare(strict_types=1);

namespace Facelift\Record;

/** The middle of what is believed, and between what it lies in nine of ten cases. */
final readonly class Quantiles
{
    /** Standard deviations between which nine of ten lie. */
    private const NINETY = 1.6448536269514722;

    private function __construct(public float $low, public float $middle, public float $high) {}

    /**
     * Of weights on an even grid, each spread evenly about its place.
     *
     * @param list<float> $places  one step apart, two or more
     * @param list<float> $weights not all zero
     */
    public static function of(array $places, array $weights): self
    {
        $all = array_sum($weights);
        $step = ($places[1] ?? 0.0) - ($places[0] ?? 0.0);
        $at = static function (float $share) use ($places, $weights, $step, $all): float {
            $sum = 0.0;
            foreach ($weights as $i => $weight) {
                if ($weight > 0.0 && $sum + $weight >= $share * $all) {
                    return ($places[$i] ?? 0.0) + $step * (($share * $all - $sum) / $weight - 0.5);
                }
                $sum += $weight;
            }

            return $places[\count($places) - 1] ?? 0.0;
        };

        return new self($at(0.05), $at(0.5), $at(0.95));
    }

    /** Of a normal distribution about zero. */
    public static function normal(float $deviation): self
    {
        return new self(-self::NINETY * $deviation, 0.0, self::NINETY * $deviation);
    }

    /**
     * Standard deviation of weights on a grid.
     *
     * @param list<float> $places
     * @param list<float> $weights
     */
    public static function spread(array $places, array $weights): float
    {
        $all = array_sum($weights);
        $mean = $square = 0.0;
        foreach ($places as $i => $place) {
            $share = ($weights[$i] ?? 0.0) / $all;
            $mean += $place * $share;
            $square += $place ** 2 * $share;
        }

        return sqrt(max(0.0, $square - $mean ** 2));
    }

    public function holds(float $value): bool
    {
        return $value >= $this->low && $value <= $this->high;
    }
}
