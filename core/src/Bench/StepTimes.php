<?php

declare(strict_types=1);

namespace Facelift\Bench;

/**
 * How long the steps of a run took. A step lasts from whatever was told before it; where a clock ran as well, or
 * nobody's hands were on it, nothing can be told.
 */
final readonly class StepTimes
{
    /** s after which somebody was away, or at something else (common practice, no source) */
    private const AWAY = 1200.0;
    /** A step that takes so many times as long as planned was left open, over lunch (common practice, no source). */
    private const LEFT_OPEN = 6.0;
    /** s: a short step may take so long whatever was planned. */
    private const SHORT = 180.0;

    /**
     * @param list<Event> $events all of the record, in any order
     *
     * @return list<StepTime> in the order in which they were done; none that was undone
     */
    public static function of(Run $run, array $events): array
    {
        usort($events, static fn(Event $a, Event $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);
        $times = [];
        $last = null;
        foreach ($events as $event) {
            $before = $last;
            $last = $event->at;
            $step = $event->type === EventType::StepDone ? $run->plan->steps[$event->step()] ?? null : null;
            $standing = ($run->state->done[$event->step()] ?? null)?->id === $event->id;
            if ($step === null || $before === null || !$standing || $step->waits() || $step->isByProgrammer()) {
                continue;
            }
            // Against the estimate: what was learnt before must not be learnt again.
            $planned = $step->manner->estimate();
            $taken = ($event->at - $before) / 1000;
            if ($planned > 0.0 && $taken > 0.0) {
                $left = $taken > self::AWAY || $taken > max(self::SHORT, self::LEFT_OPEN * $planned);
                $times[] = new StepTime(
                    $step->kind(),
                    $planned,
                    $taken,
                    $left,
                    $event->id,
                );
            }
        }

        return $times;
    }
}
