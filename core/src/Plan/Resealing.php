<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Condition\Condition;
use Facelift\Plan\Internal\Back\SealSteps;
use Facelift\Seal\Sealer;
use Facelift\Seal\SealPlan;
use Facelift\Seal\SealRequest;

/**
 * A plan whose new part is bonded another way, or whose heights were measured. Only the steps of that bond that its
 * adhesive decides are written anew, under the ids they had; everything else of the plan stays.
 */
final readonly class Resealing
{
    public function __construct(private Plan $plan, private Condition $condition) {}

    /** The bond that holds what is replaced; null if the new part comes bonded already. */
    public static function bondOf(Plan $plan): ?string
    {
        foreach (array_keys($plan->sealing->seals) as $id) {
            if ($plan->basis->replaces($plan->basis->phone->bonds[$id]->lifted())) {
                return $id;
            }
        }

        return null;
    }

    /** The plan as it is if no bond of it holds a new part. */
    public function by(SealWish $wish): Plan
    {
        $bond = self::bondOf($this->plan);
        if ($bond === null) {
            return $this->plan;
        }
        $seal = (new Sealer())->plan($this->request($bond, $wish), $wish->way);

        return $this->plan->sealed($seal)->withSteps($this->steps($bond, $seal));
    }

    /**
     * What the seal of a bond of this plan is worked out from. What was measured is the new part's alone.
     *
     * @param string $bond id of one of the plan's seals
     */
    public function request(string $bond, SealWish $wish): SealRequest
    {
        $basis = $this->plan->basis;

        return $wish->request($basis, $basis->phone->bonds[$bond], $this->condition);
    }

    /** @return array<string, Step> */
    private function steps(string $bond, SealPlan $seal): array
    {
        $write = new SealSteps($this->plan->basis->phone, $this->plan->basis->phone->bonds[$bond], $seal);
        $steps = [];
        $instead = [];
        foreach ($this->plan->steps as $id => $step) {
            $after = array_merge(...array_map(static fn(string $a): array => $instead[$a] ?? [$a], $step->after));
            if ($step->isAbout($bond) && $step->kind() === StepKind::LastLiner && $write->lastLiner() === null) {
                $instead[$id] = $after;
                continue;
            }
            if ($step->isAbout($bond) && $step->kind() === StepKind::CloseBond) {
                [$steps, $after] = $this->linerBefore($steps, $step, $write->lastLiner(), $after);
            }
            $anew = $step->isAbout($bond) ? $this->anew($step, $write) : null;
            $steps[$id] = ($anew ?? $step)->placed($id, $step->phase, $after);
        }

        return $steps;
    }

    private function anew(Step $step, SealSteps $write): ?Step
    {
        return match ($step->kind()) {
            StepKind::DryFit => $write->dryFit($this->plan->basis->replacement->name),
            StepKind::LaySeal => $write->laid(),
            StepKind::Clamp => $write->held(),
            StepKind::Unclamp => $write->released(),
            default => null,
        };
    }

    /**
     * A liner that comes off just before the screen is laid shut, if the steps so far have none.
     *
     * @param array<string, Step> $steps so far
     * @param list<string>        $after
     *
     * @return array{array<string, Step>, list<string>} the steps, and what laying shut waits for
     */
    private function linerBefore(array $steps, Step $shut, ?Step $liner, array $after): array
    {
        $has = array_filter(
            $steps,
            static fn(Step $s): bool => $s->kind() === StepKind::LastLiner && $s->isAbout($shut->act->subjects[0]),
        );
        if ($liner === null || $has !== []) {
            return [$steps, $after];
        }
        $id = $shut->id . '+liner';
        while (isset($this->plan->steps[$id])) {
            $id .= '+';
        }

        return [$steps + [$id => $liner->placed($id, $shut->phase, $after)], [...$after, $id]];
    }
}
