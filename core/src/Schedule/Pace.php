<?php

declare(strict_types=1);

namespace Facelift\Schedule;

use InvalidArgumentException;

/**
 * How many times as fast as planned somebody works, from the record: hands that were planned over hands that were
 * taken. It forgets slowly, and begins as if some hours had gone just as planned, so that a first phone makes nobody
 * fast or slow.
 */
final readonly class Pace
{
    /** s of hands that are taken to have gone as planned before any record (common practice, no source) */
    private const PRIOR = 7_200.0;
    /** s of hands after which what was recorded counts half (common practice, no source) */
    private const HALF = 144_000.0;
    /** the bounds that a pace which is typed has */
    private const SLOWEST = 0.25;
    private const FASTEST = 4.0;

    /**
     * @param float $planned s of hands, the older the less
     * @param float $taken   s, likewise
     *
     * @throws InvalidArgumentException If one is negative.
     */
    public function __construct(public float $planned, public float $taken)
    {
        if ($planned < 0.0 || $taken < 0.0) {
            throw new InvalidArgumentException('hands are not negative');
        }
    }

    public static function unknown(): self
    {
        return new self(0.0, 0.0);
    }

    /**
     * With one step more.
     *
     * @param float $planned s of hands
     * @param float $taken   s
     */
    public function and(float $planned, float $taken): self
    {
        $kept = 0.5 ** ($taken / self::HALF);

        return new self($kept * $this->planned + $planned, $kept * $this->taken + $taken);
    }

    /** 0.25 to 4; 1 while nothing is recorded */
    public function factor(): float
    {
        $factor = ($this->planned + self::PRIOR) / ($this->taken + self::PRIOR);

        return min(self::FASTEST, max(self::SLOWEST, $factor));
    }

    /** Hours of work that it rests on, the older the less. */
    public function hours(): float
    {
        return $this->taken / 3600.0;
    }
}
