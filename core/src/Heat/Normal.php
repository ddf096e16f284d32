<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** The normal distribution. */
final readonly class Normal
{
    /**
     * Share that lies below so many standard deviations; to 7.5e-8 (Abramowitz and Stegun, 26.2.17).
     */
    public static function below(float $deviations): float
    {
        $x = abs($deviations);
        $t = 1 / (1 + 0.2316419 * $x);
        $poly = $t * (0.319381530
            + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));
        $above = exp(-$x * $x / 2) / sqrt(2 * \M_PI) * $poly;

        return $deviations >= 0 ? 1 - $above : $above;
    }
}
