<?php

declare(strict_types=1);

namespace Facelift\Record;

/**
 * How many times as long as planned something took, added up on a logarithmic scale: robust, as nothing counts for more
 * than four times too long or too short. Whole numbers, so that what is taken out again leaves no trace.
 */
final readonly class Ratios
{
    /** a logarithm of 1 */
    private const UNIT = 1_000_000;
    private const MOST = 1.3862943611198906;

    public function __construct(public int $count, public int $sum, public int $squares) {}

    public static function none(): self
    {
        return new self(0, 0, 0);
    }

    /**
     * @param float $planned s, more than zero
     * @param float $taken   s, more than zero
     */
    public static function of(float $planned, float $taken): self
    {
        $log = max(-self::MOST, min(self::MOST, log($taken / $planned)));

        return new self(1, (int) round(self::UNIT * $log), (int) round(self::UNIT * $log * $log));
    }

    public function with(self $more): self
    {
        return new self($this->count + $more->count, $this->sum + $more->sum, $this->squares + $more->squares);
    }

    public function without(self $less): self
    {
        return new self($this->count - $less->count, $this->sum - $less->sum, $this->squares - $less->squares);
    }

    /** Of the logarithm; zero if there is none. */
    public function mean(): float
    {
        return $this->count === 0 ? 0.0 : $this->sum / self::UNIT / $this->count;
    }

    /** Sum of the squares of what lies off the mean. */
    public function scatter(): float
    {
        return max(0.0, $this->squares / self::UNIT - $this->count * $this->mean() ** 2);
    }
}
