<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Diagnosis\Finding;
use Facelift\Diagnosis\Likelihood;
use Facelift\Diagnosis\ScreenLayer;
use Facelift\Document\Reason;
use Facelift\Quantity\Money;

/** Which kind of part to fit, from what is broken and what each kind costs in money and work. */
final readonly class ScopeAdvice
{
    /**
     * @param list<Plan>       $plans one per kind of part
     * @param list<Money|null> $costs expected cost of each, risk included; null where no price is known
     * @param list<bool>       $borneOut by the plan's index: false for a way whose success the shop's record does not
     *     bear out
     *
     * @return array{recommended: int|null, suits: list<bool>, because: list<list<Reason>>} by the plan's index
     */
    public function weigh(
        Condition $condition,
        Finding $finding,
        array $plans,
        array $costs = [],
        array $borneOut = [],
    ): array {
        $bent = $condition->shows(Observation::FrameBent);
        $suits = array_map(
            fn(Plan $p): bool => $p->works()
                && $finding->pointsToDisplay()
                && (!$bent || $this->replacesFrame($p))
                && $this->mends($p, $finding),
            $plans,
        );
        $best = $this->best(
            $plans,
            array_map(static fn(int $i): bool => $suits[$i] && ($borneOut[$i] ?? true), array_keys($plans)),
            $costs,
        );

        return [
            'recommended' => $best,
            'suits' => $suits,
            'because' => array_map(
                fn(int $i): array => [
                    ...$this->reasons(
                        $plans,
                        $costs,
                        $suits,
                        $i,
                        $best,
                        $bent,
                        $finding,
                    ),
                    ...$suits[$i] && !($borneOut[$i] ?? true) ? [new Reason('record-does-not-bear-it-out')] : [],
                ],
                array_keys($plans),
            ),
        ];
    }

    /**
     * The cheapest where every suitable kind has a price, else the one with the least hands-on time.
     *
     * @param list<Plan>       $plans
     * @param list<bool>       $suits
     * @param list<Money|null> $costs
     */
    private function best(array $plans, array $suits, array $costs): ?int
    {
        $open = array_keys(array_filter($suits));
        $priced = array_filter($open, static fn(int $i): bool => ($costs[$i] ?? null) !== null);
        if ($priced !== []) {
            usort(
                $priced,
                static fn(int $a, int $b): int => $costs[$a] !== null && $costs[$b] !== null
                    ? ($costs[$a]->isLessThan($costs[$b])
                        ? -1
                        : ($costs[$b]->isLessThan($costs[$a])
                            ? 1
                            : 0))
                    : 0,
            );

            return $priced[0];
        }
        usort($open, static fn(int $a, int $b): int => $plans[$a]->handsOn() <=> $plans[$b]->handsOn());

        return $open[0] ?? null;
    }

    /**
     * @param list<Plan>       $plans
     * @param list<Money|null> $costs
     * @param list<bool>       $suits
     *
     * @return list<Reason>
     */
    private function reasons(
        array $plans,
        array $costs,
        array $suits,
        int $i,
        ?int $best,
        bool $bent,
        Finding $finding,
    ): array {
        $plan = $plans[$i];
        $reasons = [];
        if (!$finding->pointsToDisplay()) {
            $reasons[] = new Reason('display-not-at-fault');
        }
        if (!$this->mends($plan, $finding)) {
            $reasons[] = new Reason('glass-leaves-the-fault');
        }
        if ($bent) {
            $reasons[] = new Reason($this->replacesFrame($plan) ? 'brings-straight-frame' : 'frame-stays-bent');
        }
        if ($suits[$i] && $best !== null) {
            array_push($reasons, ...$this->beside($plan, $plans[$best], $costs[$i] ?? null, $costs[$best] ?? null));
        }
        if (!$this->replacesFrame($plan) && $this->isBonded($plan)) {
            $reasons[] = new Reason('old-panel-parted-from-frame');
        }
        foreach ($plan->basis->replacement->brings as $id) {
            if (\in_array($id, $plan->route->moved, true)) {
                $reasons[] = new Reason('fitted-part-not-used', ['part' => $plan->basis->phone->parts[$id]->name]);
            }
        }

        return $reasons;
    }

    /** @return list<Reason> money and minutes against the recommended one */
    private function beside(Plan $plan, Plan $best, ?Money $cost, ?Money $least): array
    {
        $minutes = (int) round(($plan->handsOn() - $best->handsOn()) / 60);
        if ($plan === $best) {
            return [
                $cost === null
                    ? new Reason('least-hands-on', ['minutes' => (int) round($plan->handsOn() / 60)])
                    : new Reason('least-expected-cost', ['amount' => (string) $cost]),
            ];
        }
        $reasons = $cost === null || $least === null
                ? [new Reason($cost === null ? 'no-part-priced' : 'least-not-priced')]
                : [
                    $cost->isLessThan($least)
                        ? new Reason('cheaper-by', ['amount' => (string) $least->minus($cost)])
                        : new Reason('dearer-by', ['amount' => (string) $cost->minus($least)]),
                ];

        return $minutes === 0
            ? $reasons
            : [...$reasons, new Reason($minutes > 0 ? 'more-hands-on' : 'less-hands-on', ['minutes' => abs($minutes)])];
    }

    /** New glass mends glass alone: picture and touch have to be whole. */
    private function mends(Plan $plan, Finding $finding): bool
    {
        return !$plan->basis->isGlassOnly()
            || ($finding->is(ScreenLayer::CoverGlass, Likelihood::Broken)
                && $finding->is(ScreenLayer::DisplayPanel, Likelihood::Whole)
                && $finding->is(ScreenLayer::Digitizer, Likelihood::Whole));
    }

    private function replacesFrame(Plan $plan): bool
    {
        return \count($plan->basis->replacement->replaces) > 1;
    }

    private function isBonded(Plan $plan): bool
    {
        foreach ($plan->sealing->openings as $bond => $opening) {
            if (\in_array($plan->basis->phone->bonds[$bond]->joins[0], $plan->basis->replacement->replaces, true)) {
                return $plan->basis->phone->bonds[$bond]->cut?->hinge === null;
            }
        }

        return false;
    }
}
