<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/**
 * When a shop is open, by the clock on its wall: a promise outside of that is none. Days are reckoned in the shop's
 * zone, so that an hour of summer time is neither lost nor worked twice.
 */
final readonly class OpeningHours
{
    /** Days that are looked ahead for the next opening. */
    private const AHEAD = 400;

    /**
     * @param array<int, list<OpenSpan>> $week   by day of the week, 1 for Monday; in their order, none over midnight
     * @param list<string>               $closed days on which it stays shut, yyyy-mm-dd
     */
    public function __construct(public \DateTimeZone $zone, public array $week, public array $closed = []) {}

    /**
     * Spans in which it is open.
     *
     * @param int $from ms since 1970; a span that has begun is cut there
     * @param int $days how many days from that on
     *
     * @return list<array{int, int}> ms since 1970, from and to, in order
     */
    public function spans(int $from, int $days): array
    {
        $spans = [];
        $day = (new \DateTimeImmutable('@' . intdiv($from, 1000)))->setTimezone($this->zone);
        for ($i = 0; $i < $days; ++$i) {
            foreach ($this->on($day) as [$opens, $shuts]) {
                if ($shuts > $from) {
                    $spans[] = [max($opens, $from), $shuts];
                }
            }
            $day = $day->modify('+1 day');
        }

        return $spans;
    }

    public function isOpen(int $at): bool
    {
        foreach ($this->spans($at, 1) as [$opens, $shuts]) {
            if ($opens === $at && $shuts > $at) {
                return true;
            }
        }

        return false;
    }

    /**
     * The same moment if it is open then, else the next at which it opens.
     *
     * @throws NeverOpen If it does not open within the year.
     */
    public function opensAt(int $at): int
    {
        for ($days = 8; $days <= self::AHEAD; $days *= 7) {
            $next = $this->spans($at, $days)[0] ?? null;
            if ($next !== null) {
                return $next[0];
            }
        }

        throw new NeverOpen('The shop does not open within the year.');
    }

    /**
     * When the span begins in which a moment lies; null if it is open from now till then.
     *
     * @param int $now ms since 1970
     * @param int $at  ms since 1970, later
     *
     * @throws NeverOpen If it does not open within the year.
     */
    public function openedBetween(int $now, int $at): ?int
    {
        $opens = $this->opensAt($now);
        $spans = array_filter(
            $this->spans($opens, 2 + intdiv(max(0, $at - $opens), 86_400_000)),
            static fn(array $span): bool => $span[0] <= $at,
        );
        $last = array_pop($spans);

        return $last === null || $last[0] <= $now ? null : $last[0];
    }

    /**
     * As a shop says it: to the full quarter of an hour within two hours, to the half later, and never when it is shut.
     *
     * @param int $ready when it is ready at the earliest, ms since 1970
     * @param int $now   ms since 1970
     *
     * @throws NeverOpen If it does not open within the year.
     */
    public function said(int $ready, int $now): int
    {
        $step = 60_000 * ($ready - $now <= 7_200_000 ? 15 : 30);
        $open = $this->opensAt($ready);
        $said = intdiv($open + $step - 1, $step) * $step;

        // Rounded past closing it is said for the next opening.
        return $said === $open || $this->isOpen($said - 1) ? $said : $this->opensAt($said);
    }

    /** @return list<array{int, int}> ms since 1970 */
    private function on(\DateTimeImmutable $day): array
    {
        if (\in_array($day->format('Y-m-d'), $this->closed, true)) {
            return [];
        }
        $at = static fn(int $minutes): int
            => 1000 * $day->setTime(intdiv($minutes, 60), $minutes % 60)->getTimestamp();

        return array_map(
            static fn(OpenSpan $s): array => [$at($s->from), $at($s->to)],
            $this->week[(int) $day->format('N')] ?? [],
        );
    }
}
