<?php

declare(strict_types=1);

namespace Facelift\Heat\Internal;

use Facelift\Heat\Reading;
use Facelift\Heat\Sample;

/**
 * Errors of readings for some coefficients, and by straight lines over their logarithm for every other between them.
 *
 * @internal
 */
final readonly class Predictions
{
    /**
     * @param non-empty-list<float>       $logs of the coefficients, rising
     * @param non-empty-list<list<float>> $rows predicted less read, K, of every reading, by coefficient
     */
    public function __construct(private array $logs, private array $rows) {}

    /**
     * @param list<Sample>  $samples in order, at least one
     * @param list<Reading> $readings in order of their moments
     *
     * @return list<float> predicted less read, K
     */
    public static function errors(array $samples, array $readings): array
    {
        $errors = [];
        $i = 0;
        $last = \count($samples) - 1;
        foreach ($readings as $reading) {
            while ($i < $last && $samples[$i]->second < $reading->second - 1e-9) {
                ++$i;
            }
            $after = $samples[$i];
            $before = $samples[max(0, $i - 1)];
            $span = $after->second - $before->second;
            $part = $span > 0 ? min(1.0, ($reading->second - $before->second) / $span) : 1.0;
            $was = $reading->probe->of($before);
            $error = $was + $part * ($reading->probe->of($after) - $was) - $reading->celsius;
            $errors[] = $reading->sticker?->against($error) ?? $error;
        }

        return $errors;
    }

    public function lowest(): float
    {
        return exp($this->logs[0]);
    }

    public function highest(): float
    {
        return exp($this->logs[\count($this->logs) - 1]);
    }

    /** Predicted less read of one reading, K. */
    public function at(int $reading, float $log): float
    {
        $k = $this->span($log);
        if ($k === null) {
            return $this->rows[0][$reading];
        }
        $part = ($log - $this->logs[$k]) / ($this->logs[$k + 1] - $this->logs[$k]);

        return $this->rows[$k][$reading] + $part * ($this->rows[$k + 1][$reading] - $this->rows[$k][$reading]);
    }

    /** How an error changes with the logarithm, K. */
    public function slope(int $reading, float $log): float
    {
        $k = $this->span($log);

        return $k === null
            ? 0.0
            : ($this->rows[$k + 1][$reading] - $this->rows[$k][$reading]) / ($this->logs[$k + 1] - $this->logs[$k]);
    }

    /** Index of the span that a logarithm lies in; null if there is only one coefficient. */
    private function span(float $log): ?int
    {
        $last = \count($this->logs) - 2;
        if ($last < 0) {
            return null;
        }
        $k = 0;
        while ($k < $last && $log > $this->logs[$k + 1]) {
            ++$k;
        }

        return $k;
    }
}
