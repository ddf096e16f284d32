<?php

declare(strict_types=1);

namespace App\Supply;

use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Run;
use Facelift\Plan\StepKind;
use Facelift\Supply\StepUse;

/** Books out what the steps used that were done just now, and back what those used that were undone. */
final readonly class BookUse
{
    public function __construct(private TakeTape $tape, private TakeSupplies $supplies) {}

    /**
     * In the transaction that keeps the events.
     *
     * @param list<Event> $events that were kept just now
     */
    public function __invoke(string $job, Run $run, array $events): void
    {
        foreach ($events as $event) {
            if ($event->type === EventType::Undo) {
                $this->tape->giveBack($event->text('event'));
                $this->supplies->giveBack($event->text('event'));
            }
            if ($event->type === EventType::StepDone) {
                $this->take($job, $run, $event);
            }
        }
    }

    private function take(string $job, Run $run, Event $event): void
    {
        $step = $run->plan->steps[$event->step()] ?? null;
        // A seal that was not renewed took nothing.
        if ($step === null || $step->kind() === StepKind::LaySeal && $event->saysNotRenewed()) {
            return;
        }
        $use = StepUse::of($run->plan, $step);
        if ($use->tape !== []) {
            $this->tape->take($job, $event->id, $use);
        }
        if ($use->supplies !== []) {
            $this->supplies->take($job, $event->id, $use);
        }
    }
}
