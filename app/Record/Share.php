<?php

declare(strict_types=1);

namespace App\Record;

use Facelift\Record\Interval;
use Facelift\Record\Rate;

/** A share of jobs that are alike in one thing, with what is known of it. */
final readonly class Share
{
    /**
     * @param float $share  0 to 1, as it is estimated from those that are not over yet as well
     * @param int   $waits  of the tries: not over yet
     * @param Rate  $over   of those that are over
     */
    public function __construct(
        public string $value,
        public Rate $seen,
        public float $share,
        public Interval $interval,
        public int $waits,
        public Rate $over,
    ) {}

    public static function plain(string $value, Rate $rate): self
    {
        return new self(
            $value,
            $rate,
            $rate->seen(),
            $rate->wilson(),
            0,
            $rate,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'value' => $this->value,
            'hits' => $this->seen->successes,
            'tries' => $this->seen->tries,
            'share' => round($this->share, 5),
            'low' => round($this->interval->low, 5),
            'high' => round($this->interval->high, 5),
            'waits' => $this->waits,
        ];
    }
}
