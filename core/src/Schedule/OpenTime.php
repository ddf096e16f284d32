<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/**
 * Open time on an axis of its own, in whole s from a moment on: work goes on over a break as if there were none, and a
 * clamp holds through the night.
 */
final readonly class OpenTime
{
    private const DAYS = 120;

    /** @var list<array{int, int, int}> from and to in ms, s of open time before it */
    private array $spans;
    /** @var list<int> s of open time until the end of each */
    private array $ends;

    /** @throws NeverOpen If the shop does not open within the year. */
    public function __construct(OpeningHours $hours, int $from)
    {
        $spans = [];
        $ends = [];
        $before = 0;
        foreach ($hours->spans($hours->opensAt($from), self::DAYS) as [$opens, $shuts]) {
            $spans[] = [$opens, $shuts, $before];
            $before += intdiv($shuts - $opens, 1000);
            $ends[] = $before;
        }
        $this->spans = $spans;
        $this->ends = $ends;
    }

    /** s of open time until a moment; the last looked ahead to for what lies beyond. */
    public function until(int $ms): int
    {
        [$low, $high] = [0, \count($this->spans) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->spans[$middle][1] >= $ms) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }
        [$opens, $shuts, $before] = $this->spans[$low];

        return $before + max(0, (int) ceil((min($ms, $shuts) - $opens) / 1000));
    }

    /** The moment at which so much open time is over, ms since 1970. Beyond what is looked ahead the last moment. */
    public function moment(int $open): int
    {
        [$opens, $shuts, $before] = $this->spans[$this->reached($open)];

        return min($shuts, $opens + 1000 * max(0, $open - $before));
    }

    /** The moment at which something begins: where one opening ends and the next begins, that of the next. */
    public function begin(int $open): int
    {
        return $this->moment($open + 1) - 1000;
    }

    /** When something ends that goes on while the shop is shut, in open time: nobody takes it off before it opens. */
    public function goesOn(int $open, int $seconds): int
    {
        if ($seconds <= 0) {
            return $open;
        }
        $span = $this->reached($open);
        if ($open + $seconds <= $this->ends[$span]) {
            return $open + $seconds;
        }

        return $this->until($this->moment($open) + 1000 * $seconds);
    }

    /**
     * Openings as they lie in open time.
     *
     * @return list<array{int, int}> s, from and to
     */
    public function openings(): array
    {
        return array_map(
            static fn(array $s, int $end): array => [$s[2], $end],
            $this->spans,
            $this->ends,
        );
    }

    /** s of open time that are looked ahead */
    public function horizon(): int
    {
        return $this->ends[\count($this->ends) - 1];
    }

    private function reached(int $open): int
    {
        [$low, $high] = [0, \count($this->spans) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->ends[$middle] >= $open) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }
}
