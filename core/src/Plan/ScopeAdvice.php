<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Diagnosis\Finding;
use Facelift\Document\Reason;

/** Which kind of part to fit, from what is broken and what each kind costs in work. */
final readonly class ScopeAdvice
{
    /**
     * @param list<Plan> $plans one per kind of part
     *
     * @return array{recommended: int|null, suits: list<bool>, because: list<list<Reason>>} by the plan's index
     */
    public function weigh(Condition $condition, Finding $finding, array $plans): array
    {
        $bent = $condition->shows(Observation::FrameBent);
        $suits = array_map(fn(Plan $p): bool => $p->works() && $finding->pointsToDisplay() && (!$bent || $this->replacesFrame($p)), $plans);
        $best = null;
        foreach ($plans as $i => $plan) {
            if ($suits[$i] && ($best === null || $plan->handsOn() < $plans[$best]->handsOn())) {
                $best = $i;
            }
        }

        return ['recommended' => $best, 'suits' => $suits, 'because' => array_map(fn(int $i): array => $this->reasons($plans[$i], $suits[$i], $best === null ? null : $plans[$best], $bent, $finding), array_keys($plans))];
    }

    /** @return list<Reason> */
    private function reasons(Plan $plan, bool $suits, ?Plan $best, bool $bent, Finding $finding): array
    {
        $reasons = [];
        if (!$finding->pointsToDisplay()) {
            $reasons[] = new Reason('display-not-at-fault');
        }
        if ($bent) {
            $reasons[] = new Reason($this->replacesFrame($plan) ? 'brings-straight-frame' : 'frame-stays-bent');
        }
        if ($suits && $plan === $best) {
            $reasons[] = new Reason('least-hands-on', ['minutes' => (int) round($plan->handsOn() / 60)]);
        } elseif ($suits && $best !== null) {
            $reasons[] = new Reason('more-hands-on', ['minutes' => (int) round(($plan->handsOn() - $best->handsOn()) / 60)]);
        }
        if (!$this->replacesFrame($plan) && $this->isBonded($plan)) {
            $reasons[] = new Reason('old-panel-parted-from-frame');
        }
        foreach ($plan->request->replacement->brings as $id) {
            if (\in_array($id, $plan->route->moved, true)) {
                $reasons[] = new Reason('fitted-part-not-used', ['part' => $plan->request->phone->parts[$id]->name]);
            }
        }

        return $reasons;
    }

    private function replacesFrame(Plan $plan): bool
    {
        return \count($plan->request->replacement->replaces) > 1;
    }

    private function isBonded(Plan $plan): bool
    {
        foreach ($plan->openings as $bond => $opening) {
            if (\in_array($plan->request->phone->bonds[$bond]->joins[0], $plan->request->replacement->replaces, true)) {
                return $plan->request->phone->bonds[$bond]->cut?->hinge === null;
            }
        }

        return false;
    }
}
