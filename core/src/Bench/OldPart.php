<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Condition\Condition;
use Facelift\Condition\FunctionState;
use Facelift\Condition\Observation;
use Facelift\Document\Reason;
use Facelift\Fit\OldPanel;

/** A part that is left over from a job, and what is suggested for it. Common practice, no source. */
final readonly class OldPart
{
    private function __construct(public Part $part, public Stream $suggested, public Reason $because) {}

    /** @return list<self> whatever the new part replaced and nothing else carries, and parts that troubles replaced */
    public static function of(Run $run, Condition $condition): array
    {
        $phone = $run->plan->basis->phone;
        $left = $run->plan->route->discarded;
        foreach ($run->troubles() as $event) {
            $left[] = $event->text('subject');
        }
        $old = [];
        foreach (array_values(array_unique($left)) as $id) {
            $part = $phone->parts[$id] ?? null;
            if ($part !== null && !\in_array((string) $part->carriedBy, $left, true)) {
                $old[] = self::one($part, $run, $condition);
            }
        }
        // A frame carries the display that was bonded into it: that one is judged by itself.
        foreach ($run->plan->route->discarded as $id) {
            $part = $phone->parts[$id];
            if ($part->kind === PartKind::Display && \in_array((string) $part->carriedBy, $left, true)) {
                $old[] = self::one($part, $run, $condition);
            }
        }

        return $old;
    }

    private static function one(Part $part, Run $run, Condition $condition): self
    {
        [$stream, $why] = match ($part->kind) {
            PartKind::Battery => [Stream::Battery, 'old-battery'],
            PartKind::Frame => $condition->shows(Observation::FrameBent)
                ? [Stream::Electronics, 'old-frame-bent']
                : [Stream::Kept, 'old-frame-good'],
            PartKind::Display => self::works($run, $condition)
                ? [Stream::Salvage, 'old-panel-works']
                : [Stream::Electronics, 'old-panel-dead'],
            PartKind::Digitizer => [Stream::Glass, 'old-glass'],
            default => [Stream::Electronics, 'old-part'],
        };

        return new self($part, $stream, new Reason($why, ['name' => $part->name]));
    }

    /** True if picture and touch worked before, and nobody gave the panel up on the way. */
    private static function works(Run $run, Condition $condition): bool
    {
        $gone = array_filter(
            $run->troubles(),
            static fn(Event $e): bool => $e->text('kind') === Trouble::Delamination->value,
        );

        return $run->plan->basis->old === OldPanel::Save
            && $gone === []
            && $condition->stateOf(PhoneFunction::Image) === FunctionState::Works
            && $condition->stateOf(PhoneFunction::Touch) === FunctionState::Works
            && !$condition->shows(Observation::Lines, Observation::Spots, Observation::Flicker);
    }
}
