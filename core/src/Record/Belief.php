<?php

declare(strict_types=1);

namespace Facelift\Record;

/** What is believed of a rate: a beta distribution, from an estimate with its weight and from what was seen. */
final readonly class Belief
{
    private function __construct(public float $a, public float $b, public Rate $seen) {}

    /**
     * @param float $estimate 0 to 1, neither end
     * @param float $weighs   as many tries, more than zero
     */
    public static function from(float $estimate, float $weighs, Rate $seen): self
    {
        return new self(
            $estimate * $weighs + $seen->successes,
            (1 - $estimate) * $weighs + $seen->tries - $seen->successes,
            $seen,
        );
    }

    public function expected(): float
    {
        return $this->a / ($this->a + $this->b);
    }

    /** Within which it lies in nine of ten cases. */
    public function band(): Interval
    {
        return new Interval(
            IncompleteBeta::quantile(0.05, $this->a, $this->b),
            IncompleteBeta::quantile(0.95, $this->a, $this->b),
        );
    }

    /** 0 to 1 */
    public function chanceAbove(float $threshold): float
    {
        return 1.0 - IncompleteBeta::regularised($threshold, $this->a, $this->b);
    }
}
