<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

use Facelift\Schedule\Slot;

/** What somebody does next, and why that. */
final readonly class NextUp
{
    /**
     * @param list<string> $waiting phones that are due before it and cannot be gone on with yet
     */
    private function __construct(public Slot $slot, public Why $why, public array $waiting) {}

    /**
     * @param int $most how many are looked at, one or more
     *
     * @return list<self> of a person, in order, each with its reason against all others
     */
    public static function of(Laid $laid, string $person, int $most): array
    {
        $next = [];
        foreach ($laid->slots() as $slot) {
            if ($slot->person === $person && \count($next) < $most) {
                $next[] = new self($slot, ...self::why($laid, $slot));
            }
        }

        return $next;
    }

    /** @return array{Why, list<string>} */
    private static function why(Laid $laid, Slot $slot): array
    {
        $waiting = $before = [];
        $own = null;
        foreach ($laid->day->tasks as $task) {
            $own = $task->id === $slot->load ? $task : $own;
        }
        foreach ($laid->day->tasks as $j => $task) {
            if ($own === null || $task === $own || $task->due >= $own->due) {
                continue;
            }
            $open = self::open($laid, $j, $slot->from);
            if ($open === null) {
                continue;
            }
            $open > $slot->from ? $waiting[] = $task->id : $before[] = $task->id;
        }
        $why = match (true) {
            $own?->begun !== null && $slot->index === 0 => $slot->from > 0 ? Why::Warm : Why::InHand,
            $own?->pin !== null && $slot->index === 0 => Why::Pinned,
            $before !== [] => Why::BetterForAll,
            $waiting !== [] => Why::WhileOthersWait,
            default => Why::DueFirst,
        };

        return [$why, $waiting];
    }

    /** From when on a phone could be gone on with at a moment; null if somebody has it then, or it is done. */
    private static function open(Laid $laid, int $j, int $at): ?int
    {
        $task = $laid->day->tasks[$j];
        foreach ($laid->starts[$j] as $k => $start) {
            if ($start > $at) {
                return $k === 0 ? max($task->release, $task->pin ?? 0) : $laid->over($j, $k - 1);
            }
            if ($laid->left($j, $k) > $at) {
                return null;
            }
        }

        return null;
    }
}
