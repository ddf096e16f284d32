<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Document\Reason;
use Facelift\Fasteners\ScrewMat;

/** May this one screw come out here, or go in here? */
final readonly class ScrewRules
{
    /** @return Refusal|null null if it may */
    public function check(BenchPlan $plan, BenchState $state, Event $event): ?Refusal
    {
        $step = $plan->steps[$event->text('step')] ?? null;
        $screw = $plan->screws[$event->number() ?? 0] ?? null;
        $groups = $step === null ? [] : [...array_keys($step->screwsOut), ...array_keys($step->screwsIn)];
        if ($step === null || $screw === null || $groups === []) {
            return new Refusal(new Reason('no-screws-here'), false);
        }
        if (isset($state->done[$step->id]) || \in_array($screw->number, $state->screws[$step->id] ?? [], true)) {
            return new Refusal(new Reason('screw-counted', ['number' => $screw->number]), false);
        }
        $hole = $this->holeOf($plan, $groups);
        if ($hole === null || \in_array($screw->fastener, $groups, true)) {
            return null;
        }

        return $step->screwsIn === [] ? new Refusal(new Reason('screw-not-of-this-step', ['number' => $screw->number]), false) : $this->wrongHole($screw, $hole);
    }

    /** @param list<string> $groups */
    private function holeOf(BenchPlan $plan, array $groups): ?MatScrew
    {
        foreach ($plan->screws as $screw) {
            if (\in_array($screw->fastener, $groups, true)) {
                return $screw;
            }
        }

        return null;
    }

    private function wrongHole(MatScrew $screw, MatScrew $hole): ?Refusal
    {
        if ($screw->isLike($hole)) {
            return null;
        }
        $figures = ['number' => $screw->number, 'driver' => $screw->driver, 'length' => $screw->length, 'wanted' => $hole->length];
        $past = ScrewMat::past($screw->length, $hole->holeDepth);

        return match (true) {
            $past > 0 => new Refusal(new Reason($hole->under === null ? 'screw-too-long' : 'screw-goes-into', $figures + ['depth' => $hole->holeDepth, 'past' => round($past, 2), 'under' => (string) $hole->under]), false),
            $screw->length < $hole->length => new Refusal(new Reason('screw-too-short', $figures), false),
            default => new Refusal(new Reason('screw-of-another-kind', $figures), false),
        };
    }
}
