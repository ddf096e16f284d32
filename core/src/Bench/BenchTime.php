<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Plan\Phase;
use Facelift\Plan\Step;

/** When the work of one phase really began and ended. Between two steps somebody may have done something else. */
final readonly class BenchTime
{
    /**
     * @param int $from ms since 1970: the first thing that happened in it
     * @param int $to   its last step done
     * @param int $done steps that were done
     */
    private function __construct(public Phase $phase, public int $from, public int $to, public int $done) {}

    /** s */
    public function took(): float
    {
        return ($this->to - $this->from) / 1000;
    }

    /** @return list<self> of every phase in which something was done, in the order in which they began */
    public static function of(Run $run): array
    {
        $times = [];
        $before = null;
        foreach (self::byTime($run) as [$step, $event]) {
            $phase = $step->phase;
            $began = $run->state->timers[$step->id]->at ?? $before ?? $event->at;
            $was = $times[$phase->value] ?? new self($phase, min($began, $event->at), $event->at, 0);
            $times[$phase->value] = new self($phase, $was->from, max($was->to, $event->at), $was->done + 1);
            $before = $event->at;
        }

        return array_values($times);
    }

    /** @return list<array{Step, Event}> steps done, by when they were */
    private static function byTime(Run $run): array
    {
        $done = [];
        foreach (array_intersect_key($run->plan->steps, $run->state->done) as $id => $step) {
            $done[] = [$step, $run->state->done[$id]];
        }
        usort($done, static fn(array $a, array $b): int => $a[1]->isBefore($b[1]) ? -1 : 1);

        return $done;
    }
}
