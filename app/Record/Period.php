<?php

declare(strict_types=1);

namespace App\Record;

use Illuminate\Support\Carbon;

/** Whole months, the first and the last of them included. */
final readonly class Period
{
    /** months that are looked at if nothing else is said */
    public const USUAL = 12;

    /** days within which most of what comes back does so: a month (common practice, no source) */
    public const DAYS = 30;

    /** @param int $days within which a phone is said to have come back */
    private function __construct(public Carbon $from, public Carbon $to, public int $days) {}

    /**
     * @param string|null $from month, as 2026-01
     * @param string|null $to
     * @param int|null    $days within which a phone is said to have come back
     */
    public static function of(?string $from, ?string $to, ?int $days = null): self
    {
        $last = $to === null ? Carbon::now()->startOfMonth() : Carbon::parse($to . '-01');
        $first = $from === null
            ? $last->copy()->subMonthsNoOverflow(self::USUAL - 1)
            : Carbon::parse($from . '-01');

        return new self($first->startOfMonth(), $last->endOfMonth(), $days ?? self::DAYS);
    }

    /** @return array{string, string} first days of the first and of the last month */
    public function months(): array
    {
        return [$this->from->toDateString(), $this->to->copy()->startOfMonth()->toDateString()];
    }

    /** @return array{Carbon, Carbon} */
    public function span(): array
    {
        return [$this->from, $this->to];
    }
}
