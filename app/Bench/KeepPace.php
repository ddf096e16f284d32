<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\KeptPace;
use App\Models\User;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Run;

/** Learns how fast somebody works, from the time between what they do and what was planned for it. */
final readonly class KeepPace
{
    /** s after which somebody was away, or at something else (common practice, no source) */
    private const AWAY = 1200.0;

    /**
     * In the transaction that keeps the events.
     *
     * @param list<Event> $events that were kept just now
     */
    public function __invoke(User $user, Run $run, array $events): void
    {
        $row = KeptPace::query()->lockForUpdate()->find($user->id) ?? self::begun($user);
        $pace = $row->pace();
        $last = $row->last_at;
        usort($events, static fn(Event $a, Event $b): int => $a->at <=> $b->at);
        foreach ($events as $event) {
            $taken = ($event->at - $last) / 1000;
            $planned = $event->type === EventType::StepDone ? self::hands($run, $event) : 0.0;
            if ($planned > 0.0 && $taken >= 0.0 && $taken <= self::AWAY) {
                $pace = $pace->and($planned, $taken);
            }
            $last = max($last, $event->at);
        }
        $row->update(['last_at' => $last, 'planned' => $pace->planned, 'taken' => $pace->taken]);
    }

    /** The first of somebody; of two at once one is done again. */
    private static function begun(User $user): KeptPace
    {
        KeptPace::query()->insertOrIgnore([
            'user_id' => $user->id,
            'last_at' => 0,
            'planned' => 0,
            'taken' => 0,
            'created_at' => now(),
            'updated_at' => now(),
        ]);

        return KeptPace::query()->lockForUpdate()->findOrFail($user->id);
    }

    /** s that hands were planned for; zero where a clock ran as well, or nobody's hands were on it. */
    private static function hands(Run $run, Event $event): float
    {
        $step = $run->plan->steps[$event->step()] ?? null;

        return $step === null || $step->waits() || $step->isByProgrammer() ? 0.0 : $step->manner->hands;
    }
}
