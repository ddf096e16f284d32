<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/** Lays out a day as well as it can in the time it has, and says how near to the best that is. */
final readonly class Planner
{
    /** @param Memory|null $before who was to do what before something came between: little of it is changed */
    public function plan(Day $day, Effort $effort, ?Memory $before = null): Planned
    {
        $tries = $effort->blocks === 0 ? 1 : max(2, intdiv($effort->blocks, max(1, $day->size())));
        $laid = (new Search($day, $before))->best($tries);
        $proven = false;
        if ($before === null && $day->size() <= $effort->exact && !self::isPinned($day)) {
            [$laid, $proven] = Exact::from($laid, $effort->nodes);
        }
        $bound = new Bound($day);
        $value = $laid->value($before);

        return new Planned(
            $laid,
            $value,
            $proven ? $value->late : $bound->late(),
            $proven ? $value->finished : $bound->finished(),
            $proven,
        );
    }

    private static function isPinned(Day $day): bool
    {
        foreach ($day->tasks as $task) {
            if ($task->pin !== null && $task->begun === null) {
                return true;
            }
        }

        return false;
    }
}
