<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Calibration\Ending;
use Facelift\Document\Reason;
use Facelift\Fit\AfterSwap;
use Facelift\Fit\DataDecision;
use Facelift\Fit\DataWay;
use Facelift\Fit\Sheet;
use Facelift\Plan\Step;

/** What became of the display's data, and what the customer has to hear of it: what was, not what was planned. */
final readonly class DataTold
{
    public function __construct(private Run $run) {}

    /** @return list<Reason> what happened at the programmer; none if the plan has no part for it */
    public function happened(): array
    {
        if (array_filter($this->run->plan->steps, static fn(Step $s): bool => $s->isByProgrammer()) === []) {
            return [];
        }
        $kept = $this->event(DataState::Kept);
        $given = $this->event(DataState::GivenUp);
        $ending = $this->ending();

        return array_values(array_filter([
            match (true) {
                $kept !== null => new Reason('told-data-kept'),
                $given !== null => new Reason('told-data-given-up', ['why' => $given->why()]),
                default => new Reason('told-data-not-read'),
            },
            $ending === null ? null : new Reason('transfer-ended-' . $ending->value),
        ]));
    }

    /**
     * @param DataDecision|null $decided null if there was nothing to decide
     *
     * @return list<Reason> the sentences of the way that was really gone
     */
    public function customer(?DataDecision $decided): array
    {
        $way = $decided?->way->way;
        $gone = match (true) {
            $way === DataWay::Copy && !$this->isCopied() => DataWay::Leave,
            $way === DataWay::Chip && $this->chipFailed() => $this->isCopied() ? DataWay::Copy : DataWay::Leave,
            default => $way,
        };
        if ($gone === $way) {
            return $decided->way->hears ?? [];
        }
        $basis = $this->run->plan->basis;
        $sheet = new Sheet(memory: $gone === DataWay::Copy);

        return AfterSwap::of($basis->phone->panel, $basis->replacement->kind, $sheet)->by($gone)->hears ?? [];
    }

    private function chipFailed(): bool
    {
        foreach ($this->run->troubles() as $event) {
            if ($event->text('kind') === Trouble::ChipFailed->value) {
                return true;
            }
        }

        return false;
    }

    public function isCopied(): bool
    {
        return \in_array($this->ending(), [Ending::Copied, Ending::HeldAlready], true);
    }

    private function ending(): ?Ending
    {
        return Ending::tryFrom($this->event(DataState::Ended)?->text('ending') ?? '');
    }

    private function event(DataState $state): ?Event
    {
        return $this->run->state->happened->data[$state->value] ?? null;
    }
}
