<?php

declare(strict_types=1);

namespace Facelift\Record;

/** The middle of what is believed, and between what it lies in nine of ten cases. */
final readonly class Quantiles
{
    private function __construct(public float $low, public float $middle, public float $high) {}

    /**
     * Of weights on an even grid, each spread evenly about its place.
     *
     * @param array<int, float>    $weights not all zero
     * @param \Closure(int): float  $place
     * @param float                 $step    between two places
     */
    public static function of(array $weights, \Closure $place, float $step): self
    {
        $all = array_sum($weights);
        $at = static function (float $share) use ($weights, $place, $step, $all): float {
            $sum = 0.0;
            foreach ($weights as $i => $weight) {
                if ($sum + $weight >= $share * $all && $weight > 0.0) {
                    return $place($i) + $step * (($share * $all - $sum) / $weight - 0.5);
                }
                $sum += $weight;
            }

            return $place(\count($weights) - 1);
        };

        return new self($at(0.05), $at(0.5), $at(0.95));
    }

    /**
     * Standard deviation of weights on a grid.
     *
     * @param array<int, float>    $weights
     * @param \Closure(int): float  $place
     */
    public static function spread(array $weights, \Closure $place): float
    {
        $all = array_sum($weights);
        $mean = $square = 0.0;
        foreach ($weights as $i => $weight) {
            $mean += $place($i) * $weight / $all;
            $square += $place($i) ** 2 * $weight / $all;
        }

        return sqrt(max(0.0, $square - $mean ** 2));
    }

    public function holds(float $value): bool
    {
        return $value >= $this->low && $value <= $this->high;
    }
}
