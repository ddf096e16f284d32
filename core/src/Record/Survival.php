<?php

declare(strict_types=1);

namespace Facelift\Record;

/**
 * The share that still holds after so many days, by Kaplan and Meier (1958): what has not been out for long counts for
 * as long as it has been. With Greenwood's variance (1926).
 */
final readonly class Survival
{
    /** Standard normal quantile of 97.5 %. */
    private const Z = 1.959963984540054;

    /** @param list<array{float, float, float}> $steps days, share from then on, and Greenwood's sum up to there */
    private function __construct(private array $steps, private int $seen) {}

    /** @param iterable<Outcome> $outcomes in any order */
    public static function of(iterable $outcomes): self
    {
        $failed = $held = [];
        $left = 0;
        foreach ($outcomes as $o) {
            $key = sprintf('%.6f', $o->days);
            $failed[$key] = ($failed[$key] ?? 0) + ($o->failed ? $o->times : 0);
            $held[$key] = ($held[$key] ?? 0) + ($o->failed ? 0 : $o->times);
            $left += $o->times;
        }
        uksort($failed, static fn(string|int $a, string|int $b): int => (float) $a <=> (float) $b);
        [$share, $sum, $steps, $seen] = [1.0, 0.0, [], $left];
        foreach ($failed as $key => $gone) {
            if ($gone > 0) {
                $share *= 1 - $gone / $left;
                $sum += $left > $gone ? $gone / ($left * ($left - $gone)) : 0.0;
                $steps[] = [(float) $key, $share, $sum];
            }
            // Of those that fail and those that are looked at last on one day the failures come first.
            $left -= $gone + $held[$key];
        }

        return new self($steps, $seen);
    }

    /** 0 to 1; one before the first has failed. */
    public function after(float $days): float
    {
        return $this->at($days)[1];
    }

    /** Greenwood's standard error of the share. */
    public function error(float $days): float
    {
        [, $share, $sum] = $this->at($days);

        return $share * sqrt($sum);
    }

    /**
     * 95 %, by the logarithm of the hazard, so that it stays between zero and one (Kalbfleisch & Prentice). While none
     * or all have failed it is Wilson's of as many as were seen.
     */
    public function interval(float $days): Interval
    {
        [, $share, $sum] = $this->at($days);
        if ($share <= 0.0 || $share >= 1.0) {
            return Rate::of($share <= 0.0 ? 0 : $this->seen, $this->seen)->wilson();
        }
        $off = self::Z * sqrt($sum) / abs(log($share));

        return new Interval($share ** exp($off), $share ** exp(-$off));
    }

    /** @return list<array{float, float}> days and the share from then on, for a picture */
    public function steps(): array
    {
        return array_map(static fn(array $s): array => [$s[0], $s[1]], $this->steps);
    }

    /** @return array{float, float, float} */
    private function at(float $days): array
    {
        $last = [0.0, 1.0, 0.0];
        foreach ($this->steps as $step) {
            if ($step[0] > $days) {
                break;
            }
            $last = $step;
        }

        return $last;
    }
}
