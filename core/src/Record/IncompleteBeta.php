<?php

declare(strict_types=1);

namespace Facelift\Record;

/** The regularised incomplete beta function. */
final readonly class IncompleteBeta
{
    private const EPSILON = 1e-15;
    private const TINY = 1e-300;
    private const TERMS = 10_000;

    /** Coefficients of Lanczos's series for the logarithm of Γ, g = 7 (Godfrey 2001, from memory). */
    private const LANCZOS = [
        0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
        12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
    ];

    /**
     * I_x(a, b): by its continued fraction (Abramowitz & Stegun 26.5.8), evaluated from the front.
     *
     * @param float $x 0 to 1
     * @param float $a more than zero
     * @param float $b more than zero
     */
    public static function regularised(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $front = exp(self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b)
            + $a * log($x) + $b * log1p(-$x));

        // The fraction closes quickly on the one side of the mean only.
        return $x < ($a + 1) / ($a + $b + 2)
            ? min(1.0, $front * self::fraction($x, $a, $b) / $a)
            : max(0.0, 1.0 - $front * self::fraction(1 - $x, $b, $a) / $b);
    }

    /**
     * The x below which a share of a beta distribution lies.
     *
     * @param float $share 0 to 1
     * @param float $a     more than zero
     * @param float $b     more than zero
     */
    public static function quantile(float $share, float $a, float $b): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < 80; ++$i) {
            $middle = ($low + $high) / 2;
            self::regularised($middle, $a, $b) < $share ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }

    /** Lentz's way of a continued fraction (Applied Optics 15, 1976). */
    private static function fraction(float $x, float $a, float $b): float
    {
        $c = 1.0;
        $d = 1 / self::apart(1 - ($a + $b) * $x / ($a + 1));
        $value = $d;
        for ($m = 1; $m < self::TERMS; ++$m) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            foreach ([$even, $odd] as $term) {
                $d = 1 / self::apart(1 + $term * $d);
                $c = self::apart(1 + $term / $c);
                $value *= $c * $d;
            }
            if (abs($c * $d - 1) < self::EPSILON) {
                break;
            }
        }

        return $value;
    }

    private static function apart(float $value): float
    {
        return abs($value) < self::TINY ? self::TINY : $value;
    }

    /** @param float $x more than zero */
    private static function logGamma(float $x): float
    {
        if ($x < 0.5) {
            return log(M_PI / sin(M_PI * $x)) - self::logGamma(1 - $x);
        }
        --$x;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; ++$i) {
            $sum += self::LANCZOS[$i] / ($x + $i);
        }
        $t = $x + 7.5;

        return 0.5 * log(2 * M_PI) + ($x + 0.5) * log($t) - $t + log($sum);
    }
}
