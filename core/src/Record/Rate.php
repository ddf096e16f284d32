<?php

declare(strict_types=1);

namespace Facelift\Record;

/** Successes among tries. */
final readonly class Rate
{
    /** Standard normal quantile of 97.5 %, for a 95 % interval. */
    private const Z = 1.959963984540054;

    private function __construct(public int $successes, public int $tries) {}

    /** @throws ImpossibleRate If there are more successes than tries, or either is negative. */
    public static function of(int $successes, int $tries): self
    {
        if ($successes < 0 || $tries < $successes) {
            throw ImpossibleRate::of($successes, $tries);
        }

        return new self($successes, $tries);
    }

    /** As it was seen, 0 to 1; zero if nothing was tried. */
    public function seen(): float
    {
        return $this->tries === 0 ? 0.0 : $this->successes / $this->tries;
    }

    /** Wilson score interval, 95 % (Wilson 1927; method 3 in Newcombe 1998). From 0 to 1 if nothing was tried. */
    public function wilson(): Interval
    {
        if ($this->tries === 0) {
            return new Interval(0.0, 1.0);
        }
        $n = $this->tries;
        $p = $this->successes / $n;
        $z2 = self::Z ** 2;
        $centre = ($p + $z2 / (2 * $n)) / (1 + $z2 / $n);
        $half = self::Z / (1 + $z2 / $n) * sqrt($p * (1 - $p) / $n + $z2 / (4 * $n * $n));

        return new Interval(max(0.0, $centre - $half), min(1.0, $centre + $half));
    }

    /** Mean of the Beta posterior from a uniform prior: (s + 1)/(n + 2). */
    public function expected(): float
    {
        return ($this->successes + 1) / ($this->tries + 2);
    }

    /** Probability that the true rate lies above a threshold: 1 − I_t(s + 1, n − s + 1), uniform prior. */
    public function chanceAbove(float $threshold): float
    {
        return 1.0
            - IncompleteBeta::regularised(
                max(0.0, min(1.0, $threshold)),
                $this->successes + 1,
                $this->tries - $this->successes + 1,
            );
    }
}
