<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** How long a step that has a clock really took, beside what was planned. */
final readonly class Waited
{
    /** Ended below this share of its time, it ended clearly early (common practice, no source). */
    private const EARLY = 0.8;
    /** Nothing shorter than this is called early, s: a clock is started and stopped by hand. */
    private const BY_HAND = 5.0;

    /**
     * @param int      $from    ms since 1970; when its clock was started
     * @param int|null $to      ms since 1970; null while it runs
     * @param float    $planned s
     * @param string   $why     what was said when it ended early; empty if nothing was
     */
    public function __construct(public int $from, public ?int $to, public float $planned, public string $why = '') {}

    /** s that it took; null while it runs */
    public function seconds(): ?float
    {
        return $this->to === null ? null : max(0.0, ($this->to - $this->from) / 1000);
    }

    /** True if it ended, clearly before its time. */
    public function early(): bool
    {
        $took = $this->seconds();

        return $took !== null && $took < self::EARLY * $this->planned && $this->planned - $took > self::BY_HAND;
    }
}
