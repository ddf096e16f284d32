<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Blocks;
use Facelift\Anatomy\Phone;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Proof\Fault\FaultKind;
use Facelift\Proof\Fault\Suspicion;
use Facelift\Route\LeastSet;
use Facelift\Route\NoWayIn;
use Facelift\Route\Pace;
use Facelift\Route\Weights;

/** Which steps to undo to reach a place from where the phone stands: the least that frees it, and what that takes. */
final readonly class WayBack
{
    private Phone $phone;
    private Plan $plan;
    private LeastSet $least;
    /** @var list<string> */
    private array $off;

    public function __construct(private Run $run)
    {
        $this->plan = $run->plan;
        $this->phone = $run->plan->basis->phone;
        $this->least = new LeastSet(Blocks::of($this->phone)->clauses, Weights::of($this->phone));
        $this->off = $this->off();
    }

    public function to(Suspicion $suspicion): WayThere
    {
        $goals = $this->goals($suspicion);
        if ($goals === []) {
            return new WayThere([], 0.0, []);
        }
        try {
            $ids = $this->least->for($goals, $this->off);
        } catch (NoWayIn) {
            $ids = $goals;
        }
        $undo = array_map(
            fn(string $id): Undo => new Undo($id, $this->phone->nameOf($id), $this->seconds($id)),
            $this->inOrder(array_values(array_diff($ids, $this->off))),
        );

        return new WayThere(
            $undo,
            array_sum(array_map(static fn(Undo $u): float => $u->seconds, $undo)),
            array_values(array_filter(array_map($this->grips(...), $undo))),
        );
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string> as they came off the first time; what did not comes last
     */
    private function inOrder(array $ids): array
    {
        $first = array_flip($this->plan->route->ids());
        $at = static fn(string $id): int => $first[$id] ?? \count($first);
        usort($ids, static fn(string $a, string $b): int => $at($a) <=> $at($b));

        return $ids;
    }

    /** @return list<string> what has to be off or out so that the look can be made; none if it is made from outside */
    private function goals(Suspicion $suspicion): array
    {
        if ($suspicion->kind->look()?->goesInside() !== true) {
            return [];
        }
        $subject = $suspicion->subject;
        $power = $this->phone->powerConnector()->id;
        $plugs = array_keys(array_filter(
            $this->phone->connectors,
            static fn($c): bool => $c->joins[0] === $subject,
        ));

        return match (true) {
            isset($this->phone->connectors[$subject]), isset($this->phone->fasteners[$subject])
                => array_values(array_unique([$subject, $power])),
            // Lifted off its seat or its adhesive; its plugs stay in unless they are in the way.
            $suspicion->kind === FaultKind::Pressed => $this->bondsOf($subject),
            $suspicion->kind === FaultKind::FlexHurt, $suspicion->kind === FaultKind::PartFaulty
                => $plugs === [] ? [$subject] : array_values(array_unique([...$plugs, $power])),
            isset($this->phone->parts[$subject]) => array_values(array_unique([$subject, $power])),
            default => [],
        };
    }

    /** @return list<string> */
    private function bondsOf(string $part): array
    {
        return array_keys(array_filter($this->phone->bonds, static fn($b): bool => $b->joins[0] === $part));
    }

    /** @return list<string> everything that is off, out or open now */
    private function off(): array
    {
        $ledger = $this->run->state->ledger;
        $open = [];
        foreach (array_intersect_key($this->plan->steps, $this->run->state->done) as $step) {
            foreach ($step->act->subjects as $id) {
                if (isset($this->phone->bonds[$id])) {
                    $open[$id] = !$this->shuts($step->kind());
                }
            }
        }

        return [
            ...$ledger->off,
            ...$ledger->parts,
            ...array_keys($ledger->screws),
            ...array_keys(array_filter($open)),
        ];
    }

    private function shuts(StepKind $kind): bool
    {
        return match ($kind) {
            StepKind::CloseBond, StepKind::ClipShut, StepKind::RenewBond, StepKind::Clamp, StepKind::Unclamp => true,
            default => false,
        };
    }

    /** s to take it off and to put it back: the plan's own for a bond, the usual pace for the rest */
    private function seconds(string $id): float
    {
        $bond = $this->phone->bonds[$id] ?? null;
        if ($bond === null) {
            $off = Weights::seconds($this->phone, [$id]);
            $back = match (true) {
                isset($this->phone->connectors[$id]) => Pace::PLUG_IN,
                isset($this->phone->fasteners[$id]) => Pace::SCREW_IN * $this->phone->fasteners[$id]->count(),
                default => $off,
            };

            return $off + $back;
        }
        $own = array_filter(
            $this->plan->steps,
            static fn(Step $s): bool => $s->isAbout($id) || $s->act->move?->bond === $id,
        );

        return array_sum(array_map(static fn(Step $s): float => $s->manner->work() + $s->manner->wait, $own));
    }

    private function grips(Undo $undo): ?Gripping
    {
        foreach ($this->plan->steps as $id => $step) {
            $done = $this->run->state->done[$id] ?? null;
            if ($step->kind() === StepKind::CloseBond && $step->isAbout($undo->id) && $done !== null) {
                $hold = ($this->plan->sealing->seals[$undo->id] ?? null)?->hold;

                return new Gripping($undo->id, $undo->name, $done->at, $hold?->untilCarried());
            }
        }

        return null;
    }
}
