<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Heat\Internal\Predictions;
use Facelift\Heat\Internal\Thinned;

/**
 * Fits the coefficient of a source to readings, whatever is among them, in a fixed number of runs.
 *
 * What a thermometer sees rises with the coefficient and levels off, so a few runs spread over its range tell every
 * other by
 * interpolation. Readings that no coefficient explains are left out first; then the coefficient with the least sum of
 * absolute
 * errors is found, which a minority of wrong readings cannot draw away; what is too far from it is left out; and the
 * rest is
 * fitted by least squares, with a closer set of runs about it. The interval is that of the linearised fit with the
 * known error of a reading, widened where the readings disagree by more than that; once there are enough of them their
 * own error is taken from how they lie about the fit. A sticker is a bound: one that is kept says nothing.
 */
final readonly class Refit
{
    private const ROUNDS = 24;
    private const GOLDEN = 0.6180339887498949;
    /** Readings further off than this many standard errors are not explained. */
    private const IMPLAUSIBLE = 4.0;
    /** Coefficients over the whole range, and then close about the best, as its multiples. */
    private const COARSE = 9;
    private const CLOSE = [0.8, 0.9, 1.0, 1.1, 1.25];
    /** From so many readings on their own error is estimated from them. */
    private const ENOUGH = 8;
    /** No thermometer held to a phone is better than this, K (engineering estimate). */
    private const LEAST_ERROR = 0.5;
    /** Readings that disagree by more than this many standard errors contradict each other. */
    private const CONTRADICTED = 2.0;

    /**
     * @param (\Closure(Source): Programme)|null $programme what happened to the phone, given the source; null for one
     *     heating from the start
     */
    public function __construct(private Curves $curves, private ?\Closure $programme = null) {}

    /** @param non-empty-list<Reading> $readings */
    public function of(Source $source, array $readings): ContactFit
    {
        [$min, $max] = $source->kind->coefficients();
        $thinned = Thinned::of($readings);
        $coarse = $this->predict($source, $thinned->readings, self::spread($min, $max));
        [$good, $wrong] = $this->plausible($coarse, $thinned->readings, $min, $max);
        $all = array_keys($thinned->readings);
        $used = $good === [] ? $all : $good;
        $about = $this->least(
            $coarse,
            $used,
            log($min),
            log($max),
            static fn(float $e): float => abs($e),
        );
        $close = $this->predict(
            $source,
            $thinned->readings,
            array_values(
                array_unique(array_map(static fn(float $m): float => max($min, min($max, $about * $m)), self::CLOSE)),
            ),
        );
        if (\count($good) > 2) {
            [$good, $off] = $this->near($close, $good, $about);
            $wrong = $off ?? $wrong;
            $used = $good === [] ? $used : $good;
        }
        $coefficient = $this->least(
            $close,
            $used,
            log($close->lowest()),
            log($close->highest()),
            static fn(float $e): float => $e * $e,
        );
        $misfit = self::rms($close, $used, $coefficient);
        $contradicted = \count($used) > 1 && $misfit > self::CONTRADICTED * Reading::ERROR;
        [$low, $high] = $this->interval(
            $close,
            $used,
            $coefficient,
            $min,
            $max,
            self::error($misfit, \count($used)),
        );

        return new ContactFit(
            $coefficient,
            $low,
            $high,
            $misfit,
            $wrong,
            $good === [] ? 0 : $thinned->count($good),
            $contradicted,
        );
    }

    /** @return non-empty-list<float> */
    private static function spread(float $min, float $max): array
    {
        $step = log($max / $min) / (self::COARSE - 1);

        return array_map(static fn(int $i): float => $min * exp($i * $step), range(0, self::COARSE - 1));
    }

    /**
     * @param non-empty-list<Reading> $readings
     * @param non-empty-list<float>   $coefficients rising
     */
    private function predict(Source $source, array $readings, array $coefficients): Predictions
    {
        $last = max(array_map(static fn(Reading $r): float => $r->second, $readings));
        $rows = [];
        foreach ($coefficients as $coefficient) {
            $tried = $source->withCoefficient($coefficient, Origin::ShopsOwn);
            $programme
                = $this->programme === null ? Programme::empty()->heat($last, $tried) : ($this->programme)($tried);
            $rows[] = Predictions::errors($this->curves->run($programme, 4.0), $readings);
        }

        return new Predictions(array_map(log(...), $coefficients), $rows);
    }

    /**
     * Readings that some coefficient within its bounds explains, and what is wrong with the last one that none does.
     *
     * @param non-empty-list<Reading> $readings
     *
     * @return array{list<int>, Implausible|null} indexes
     */
    private function plausible(Predictions $all, array $readings, float $min, float $max): array
    {
        $slack = self::IMPLAUSIBLE * Reading::ERROR;
        $good = [];
        $wrong = null;
        foreach (array_keys($readings) as $i) {
            [$weakest, $strongest] = [$all->at($i, log($min)), $all->at($i, log($max))];
            // Predicted less read: above the slack even with the weakest contact is too cold, below it with the
            // strongest too hot.
            match (true) {
                min($weakest, $strongest) > $slack => $wrong = Implausible::TooCold,
                max($weakest, $strongest) < -$slack => $wrong = Implausible::TooHot,
                default => $good[] = $i,
            };
        }

        return [$good, $wrong];
    }

    /**
     * @param list<int> $indexes
     *
     * @return array{list<int>, Implausible|null} those near enough to what the others agree on, and what the
     *     farthest of the rest is
     */
    private function near(Predictions $all, array $indexes, float $coefficient): array
    {
        $good = [];
        $far = self::IMPLAUSIBLE * Reading::ERROR;
        $limit = $far;
        $wrong = null;
        foreach ($indexes as $i) {
            $error = $all->at($i, log($coefficient));
            if (abs($error) <= $limit) {
                $good[] = $i;
            } elseif (abs($error) > $far) {
                [$far, $wrong] = [abs($error), $error > 0 ? Implausible::TooCold : Implausible::TooHot];
            }
        }

        return [$good, $wrong];
    }

    /**
     * The coefficient with the least sum, by golden section over its logarithm.
     *
     * @param list<int>                $indexes
     * @param \Closure(float): float   $weigh
     */
    private function least(
        Predictions $all,
        array $indexes,
        float $a,
        float $b,
        \Closure $weigh,
    ): float {
        $f = static fn(float $log): float => array_sum(
            array_map(static fn(int $i): float => $weigh($all->at($i, $log)), $indexes),
        );
        $c = $b - self::GOLDEN * ($b - $a);
        $d = $a + self::GOLDEN * ($b - $a);
        [$fc, $fd] = [$f($c), $f($d)];
        for ($i = 0; $i < self::ROUNDS; ++$i) {
            if ($fc < $fd) {
                [$b, $d, $fd] = [$d, $c, $fc];
                $c = $b - self::GOLDEN * ($b - $a);
                $fc = $f($c);
            } else {
                [$a, $c, $fc] = [$c, $d, $fd];
                $d = $a + self::GOLDEN * ($b - $a);
                $fd = $f($d);
            }
        }

        return exp(($a + $b) / 2);
    }

    /**
     * @param list<int> $indexes
     * @param float     $error   K, one standard deviation of a reading
     *
     * @return array{float, float}
     */
    private function interval(
        Predictions $all,
        array $indexes,
        float $at,
        float $min,
        float $max,
        float $error,
    ): array {
        $information = array_sum(
            array_map(static fn(int $i): float => ($all->slope($i, log($at)) / $error) ** 2, $indexes),
        );
        $half = $information > 0 ? 1.96 / sqrt($information) : \INF;

        return [max($min, $at * exp(-$half)), min($max, $at * exp(min($half, 20.0)))];
    }

    /** K that a reading errs: what they show of it themselves once there are enough, else what is known of any. */
    private static function error(float $misfit, int $readings): float
    {
        return $readings >= self::ENOUGH
            ? max(self::LEAST_ERROR, $misfit * sqrt($readings / ($readings - 1)))
            : max(Reading::ERROR, $misfit);
    }

    /** @param list<int> $indexes */
    private static function rms(Predictions $all, array $indexes, float $coefficient): float
    {
        $squares = array_map(static fn(int $i): float => $all->at($i, log($coefficient)) ** 2, $indexes);

        return sqrt(array_sum($squares) / max(1, \count($squares)));
    }
}
