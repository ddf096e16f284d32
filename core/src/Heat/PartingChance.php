<?php

declare(strict_types=1);

namespace Facelift\Heat;

/**
 * The chance that a blade is through before the bond grips: the source, the window and the pace may each be off.
 *
 * How far inside its window a bond is, is off by the source's error and the window's together, taken as normal and
 * looked at in twenty cases that are equally likely; the logarithm of the pace is normal as well, in closed form.
 */
final readonly class PartingChance
{
    /** Standard deviations in the middle of the upper ten twentieths of a normal distribution (from tables). */
    private const UPPER = [0.0627, 0.1891, 0.3186, 0.4538, 0.5978, 0.7554, 0.9346, 1.1503, 1.4395, 1.96];

    /** @param non-empty-list<float> $reach mm that are reached in time, case by case */
    private function __construct(private array $reach, private Uncertainty $off) {}

    /**
     * @param float $from s on the curve at which the blade starts
     * @param float $to   s at which it has to be through; at the curve's end at the latest
     */
    public static function along(
        BondCurve $curve,
        PaceCurve $pace,
        Uncertainty $off,
        float $from,
        float $to,
    ): self {
        $cases = [...self::UPPER, ...array_map(static fn(float $d): float => -$d, self::UPPER)];

        return new self($curve->reaches(
            $pace,
            $from,
            $to,
            $cases,
            $off->window,
        ), $off);
    }

    /** The same with so many times as long to get there. */
    public function inTimes(float $times): self
    {
        return new self(
            array_map(static fn(float $r): float => $times * $r, $this->reach),
            $this->off,
        );
    }

    /** 0 to 1 for so many mm of straight edge, more than zero. */
    public function of(float $mm): float
    {
        return min(1.0, array_sum($this->cases($mm)));
    }

    /** @return list<float> the chance in each case, times how likely the case is */
    public function cases(float $mm): array
    {
        $cases = \count($this->reach);

        return array_map(
            fn(float $r): float => $r > 0.0 ? Normal::below(log($r / $mm) / $this->off->pace) / $cases : 0.0,
            $this->reach,
        );
    }

    /** @return float mm of straight edge that are reached with this chance at least; zero if none are */
    public function reachedWith(float $chance): float
    {
        [$fits, $tooMuch] = [0.0, 2 * max(1e-3, ...$this->reach)];
        while ($tooMuch - $fits > 0.1) {
            $middle = ($fits + $tooMuch) / 2;
            $this->of($middle) >= $chance ? $fits = $middle : $tooMuch = $middle;
        }

        return $fits;
    }
}
