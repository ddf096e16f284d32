<?php

declare(strict_types=1);

namespace Facelift\Record;

/** How much higher one rate is than another, with what can be told of it. */
final readonly class Difference
{
    /** Chance with which a difference that is there is to be found (usual in planning a trial). */
    private const POWER_Z = 0.8416212335729143;
    /** Standard normal quantile of 97.5 %. */
    private const Z = 1.959963984540054;
    /** More jobs than anybody would wait for. */
    private const NEVER = 1_000_000;

    private function __construct(
        public Rate $one,
        public Rate $other,
        public Interval $interval,
    ) {}

    /**
     * With Newcombe's hybrid interval of two Wilson intervals, 95 % (Newcombe 1998, Statistics in Medicine 17,
     * 873–890, method 10).
     */
    public static function of(Rate $one, Rate $other): self
    {
        [$a, $b] = [$one->wilson(), $other->wilson()];
        [$p, $q] = [$one->seen(), $other->seen()];
        $low = $p - $q - sqrt(($p - $a->low) ** 2 + ($b->high - $q) ** 2);
        $high = $p - $q + sqrt(($a->high - $p) ** 2 + ($q - $b->low) ** 2);

        return new self($one, $other, new Interval(max(-1.0, $low), min(1.0, $high)));
    }

    /** True if it can be told which of the two is higher. */
    public function isTold(): bool
    {
        return $this->interval->low > 0.0 || $this->interval->high < 0.0;
    }

    /**
     * How many more of both it takes, as many of each as were seen, until such a difference would be told in four of
     * five cases: by the usual formula for two proportions (Fleiss, Statistical Methods for Rates and Proportions,
     * without the correction for continuity; from memory). The rates are taken as they are expected, so that none of
     * three says something.
     *
     * @return int|null null if nobody would wait for so many
     */
    public function moreUntilTold(): ?int
    {
        [$p, $q] = [$this->one->expected(), $this->other->expected()];
        $tries = $this->one->tries + $this->other->tries;
        $share = $tries === 0 ? 0.5 : min(0.9, max(0.1, $this->one->tries / $tries));
        if (abs($p - $q) < 1e-4) {
            return null;
        }
        $both = $share * $p + (1 - $share) * $q;
        $spread = self::Z * sqrt($both * (1 - $both) * (1 / $share + 1 / (1 - $share)))
            + self::POWER_Z * sqrt($p * (1 - $p) / $share + $q * (1 - $q) / (1 - $share));
        $needed = (int) ceil($spread ** 2 / ($p - $q) ** 2);

        return $needed > self::NEVER ? null : max(1, $needed - $tries);
    }
}
