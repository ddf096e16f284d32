<?php

declare(strict_types=1);

namespace Facelift\Heat;

/**
 * Fits the coefficient of a source to readings by bounded least squares: golden section over its logarithm, since what a
 * thermometer sees rises with it and levels off. The interval is that of the linearised fit with a known error of reading.
 */
final readonly class Refit
{
    private const ROUNDS = 22;
    private const GOLDEN = 0.6180339887498949;
    /** Readings further off than this many standard errors are not explained. */
    private const IMPLAUSIBLE = 4.0;

    /** @param (\Closure(Source): Programme)|null $programme what happened to the phone, given the source; null for one heating from the start */
    public function __construct(private Curves $curves, private ?\Closure $programme = null) {}

    /** @param non-empty-list<Reading> $readings */
    public function of(Source $source, array $readings): ContactFit
    {
        [$min, $max] = $source->kind->coefficients();
        [$good, $implausible] = $this->plausible($source, $readings, $min, $max);
        $used = $good === [] ? $readings : $good;
        $coefficient = exp($this->minimum($source, $used, log($min), log($max)));
        // One that some contact would explain, but not the one that the others agree on, is left out as well: the worst first.
        while (\count($good) > 2 && ($worst = $this->worst($source, $good, $coefficient)) !== null) {
            $implausible = $worst[1];
            $good = self::without($good, $worst[0]);
            $used = $good;
            $coefficient = exp($this->minimum($source, $good, log($min), log($max)));
        }
        [$low, $high] = $this->interval($source, $used, $coefficient, $min, $max);

        return new ContactFit($coefficient, $low, $high, $this->misfit($source, $used, $coefficient), $implausible, \count($good));
    }

    /**
     * Readings that some coefficient within its bounds explains, and what is wrong with the last one that none does.
     *
     * @param non-empty-list<Reading> $readings
     *
     * @return array{list<Reading>, string|null}
     */
    private function plausible(Source $source, array $readings, float $min, float $max): array
    {
        $weakest = $this->errors($source, $readings, $min);
        $strongest = $this->errors($source, $readings, $max);
        $slack = self::IMPLAUSIBLE * Reading::ERROR;
        $good = [];
        $wrong = null;
        foreach ($readings as $i => $reading) {
            // Predicted less read: above the slack even with the weakest contact is too cold, below it with the strongest too hot.
            if (min($weakest[$i], $strongest[$i]) > $slack) {
                $wrong = 'too-cold';
            } elseif (max($weakest[$i], $strongest[$i]) < -$slack) {
                $wrong = 'too-hot';
            } else {
                $good[] = $reading;
            }
        }

        return [$good, $wrong];
    }

    /**
     * @param non-empty-list<Reading> $readings
     *
     * @return array{int, string}|null index of the reading farthest off and what it is; null if none is farther off than can be
     */
    private function worst(Source $source, array $readings, float $coefficient): ?array
    {
        $worst = null;
        $far = self::IMPLAUSIBLE * Reading::ERROR;
        foreach ($this->errors($source, $readings, $coefficient) as $i => $error) {
            if (abs($error) > $far) {
                [$far, $worst] = [abs($error), [$i, $error > 0 ? 'too-cold' : 'too-hot']];
            }
        }

        return $worst;
    }

    /**
     * @param non-empty-list<Reading> $readings at least two
     *
     * @return non-empty-list<Reading>
     */
    private static function without(array $readings, int $index): array
    {
        $left = $readings;
        unset($left[$index]);
        $left = array_values($left);

        return $left === [] ? $readings : $left;
    }

    /** @param non-empty-list<Reading> $readings */
    private function minimum(Source $source, array $readings, float $a, float $b): float
    {
        $f = fn(float $log): float => $this->misfit($source, $readings, exp($log));
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

        return ($a + $b) / 2;
    }

    /**
     * @param non-empty-list<Reading> $readings
     *
     * @return array{float, float}
     */
    private function interval(Source $source, array $readings, float $at, float $min, float $max): array
    {
        $step = 0.02;
        $up = $this->errors($source, $readings, min($max, $at * (1 + $step)));
        $down = $this->errors($source, $readings, max($min, $at * (1 - $step)));
        $information = 0.0;
        foreach ($up as $i => $e) {
            $slope = ($e - $down[$i]) / (log(min($max, $at * (1 + $step))) - log(max($min, $at * (1 - $step))));
            $information += ($slope / Reading::ERROR) ** 2;
        }
        $half = $information > 0 ? 1.96 / sqrt($information) : \INF;

        return [max($min, $at * exp(-$half)), min($max, $at * exp(min($half, 20.0)))];
    }

    /** @param non-empty-list<Reading> $readings */
    private function misfit(Source $source, array $readings, float $coefficient): float
    {
        $errors = $this->errors($source, $readings, $coefficient);

        return sqrt(array_sum(array_map(static fn(float $e): float => $e * $e, $errors)) / \count($errors));
    }

    /**
     * @param non-empty-list<Reading> $readings
     *
     * @return list<float> predicted less read, K
     */
    private function errors(Source $source, array $readings, float $coefficient): array
    {
        $last = max(array_map(static fn(Reading $r): float => $r->second, $readings));
        $tried = $source->withCoefficient($coefficient, Origin::ShopsOwn);
        $samples = $this->curves->run($this->programme === null ? Programme::empty()->heat($last, $tried) : ($this->programme)($tried), 4.0);

        return array_map(static fn(Reading $r): float => self::at($samples, $r) - $r->celsius, $readings);
    }

    /** @param list<Sample> $samples */
    private static function at(array $samples, Reading $reading): float
    {
        foreach ($samples as $i => $sample) {
            if ($sample->second >= $reading->second - 1e-9) {
                $before = $samples[max(0, $i - 1)];
                $span = $sample->second - $before->second;
                $part = $span > 0 ? ($reading->second - $before->second) / $span : 1.0;

                return $reading->probe->of($before) + $part * ($reading->probe->of($sample) - $reading->probe->of($before));
            }
        }

        return $reading->probe->of($samples[\count($samples) - 1]);
    }
}
