<?php

declare(strict_types=1);

namespace Facelift\Record;

/** The regularised incomplete beta function for whole parameters. */
final readonly class IncompleteBeta
{
    /**
     * I_x(a, b) as a binomial tail: the chance of at least `a` successes in `a + b − 1` tries at rate x
     * (Abramowitz & Stegun 26.5.24). Exact but for rounding; terms are summed in logarithms.
     *
     * @param float $x 0 to 1
     * @param int   $a 1 or more
     * @param int   $b 1 or more
     */
    public static function regularised(float $x, int $a, int $b): float
    {
        if ($x <= 0.0) {
            return 0.0;
        }
        if ($x >= 1.0) {
            return 1.0;
        }
        $n = $a + $b - 1;
        $log = $n * log(1 - $x);
        $sum = 0.0;
        for ($k = 0; $k <= $n; ++$k) {
            if ($k >= $a) {
                $sum += exp($log);
            }
            $log += $k < $n ? log(($n - $k) / ($k + 1)) + log($x) - log(1 - $x) : 0.0;
        }

        return min(1.0, $sum);
    }
}
