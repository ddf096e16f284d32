<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Document\Reason;
use Facelift\Plan\Request;
use Facelift\Plan\Sealing;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Touches;
use Facelift\Proof\Fault\Suspicion;
use Facelift\Proof\Fault\Suspicions;
use Facelift\Proof\Gate;
use Facelift\Proof\Testing;
use Facelift\Route\Pace;
use Facelift\Route\Route;

/**
 * The fewest gates that are safe: the new part is proven before it is bonded, the phone when it is finished; any gate
 * between is kept if going back from the next one is expected to take longer than its tests. Every choice is tried.
 *
 * @internal
 */
final readonly class GateChoice
{
    /** s that a fresh bond opened again costs beside its own steps: a seal, and a new panel at risk (estimate) */
    private const REOPENED = 1800.0;

    /** @var list<Suspicion> */
    private array $suspicions;

    public function __construct(private Request $request, Route $route, Sealing $sealing)
    {
        $this->suspicions = (new Suspicions($request->phone, $route, $sealing->seals))->all();
    }

    /** @return array<string, float> how often each function fails after this route, by function */
    public function fails(): array
    {
        $fails = [];
        foreach ($this->suspicions as $suspicion) {
            foreach ($suspicion->fails as $function => $chance) {
                $fails[$function] = ($fails[$function] ?? 0.0) + $suspicion->prior * $chance;
            }
        }

        return $fails;
    }

    /**
     * @param array<string, Step>                                           $steps by id, in order
     * @param callable(Gate): list<PhoneFunction> $tests of a gate
     *
     * @return array<string, Step> without the gates that are not worth their time, the others with their reason
     */
    public function fewest(array $steps, callable $tests): array
    {
        $list = array_values($steps);
        $seconds = [];
        foreach ($list as $i => $step) {
            if ($step->act->gate !== null) {
                $seconds[$i] = Testing::seconds($tests($step->act->gate));
            }
        }
        $free = array_values(array_filter(array_keys($seconds), fn(int $i): bool => $this->isFree($list, $i)));
        $places = $this->places($list);
        $best = null;
        for ($choice = 0; $choice < 1 << \count($free); ++$choice) {
            $out = self::chosen($free, $choice);
            $cost = $this->expected($list, array_diff_key($seconds, array_flip($out)), $places);
            $best = $best === null || $cost < $best[0] - 1e-9 ? [$cost, $out] : $best;
        }
        $out = $best[1] ?? [];
        $list = $this->timed($list, $seconds);
        $list = $this->explained(
            $list,
            $seconds,
            $places,
            $free,
            $out,
        );

        return $this->without($list, $out);
    }

    /**
     * @param list<int> $from
     *
     * @return list<int> those whose bits are set
     */
    private static function chosen(array $from, int $bits): array
    {
        $is = static fn(int $k): bool => ($bits >> $k & 1) === 1;

        return array_values(array_filter($from, $is, \ARRAY_FILTER_USE_KEY));
    }

    /**
     * A gate that proves the new part before it is bonded stays, and the last one.
     *
     * @param list<Step> $steps
     */
    private function isFree(array $steps, int $at): bool
    {
        $gate = $steps[$at]->act->gate;
        $proven = array_filter(
            \array_slice($steps, 0, $at),
            static fn(Step $s): bool => $s->act->gate === Gate::Trial || $s->act->gate === Gate::Dry,
        ) !== [];

        return match ($gate) {
            Gate::Bonded, Gate::LaidShut => $proven,
            Gate::Dry => $proven && $steps[$at - 1]->kind() !== StepKind::TrialConnect,
            default => false,
        };
    }

    /**
     * @param list<Step> $steps
     *
     * @return array<int, int> place of the last step that can leave each suspicion
     */
    private function places(array $steps): array
    {
        $touches = new Touches($this->request->phone);
        $places = array_map(static fn(Suspicion $s): ?int => $touches->last($s, $steps), $this->suspicions);

        return array_filter($places, static fn(?int $p): bool => $p !== null);
    }

    /**
     * Seconds of all tests, and of going back from the gate that finds a fault to where it was made.
     *
     * @param list<Step>        $steps
     * @param array<int, float> $gates  s of tests, by place
     * @param array<int, int>   $places
     */
    private function expected(array $steps, array $gates, array $places): float
    {
        $cost = array_sum($gates);
        foreach ($places as $i => $from) {
            $found = array_filter(array_keys($gates), static fn(int $g): bool => $g > $from);
            $cost += $found === [] ? 0.0 : $this->suspicions[$i]->prior * $this->undone($steps, $from, min($found));
        }

        return $cost;
    }

    /**
     * @param list<Step> $steps
     *
     * @return float s to undo what lies between, and to do it again
     */
    private function undone(array $steps, int $from, int $to): float
    {
        $sum = 0.0;
        foreach (\array_slice($steps, $from + 1, max(0, $to - $from - 1)) as $step) {
            $sum += match ($step->kind()) {
                StepKind::CloseBond => self::REOPENED + $this->about($steps, $step->act->subjects[0]),
                StepKind::ScrewIn => (Pace::SCREW_OUT + Pace::SCREW_IN) * $step->effects->screws->sum(),
                StepKind::PlugIn => Pace::UNPLUG + Pace::PLUG_IN,
                StepKind::FitPart, StepKind::ClipShut, StepKind::RenewBond => 2 * $step->manner->hands,
                default => 0.0,
            };
        }

        return $sum;
    }

    /** @param list<Step> $steps */
    private function about(array $steps, string $bond): float
    {
        $own = array_filter($steps, static fn(Step $s): bool => $s->isAbout($bond) || $s->act->move?->bond === $bond);

        return array_sum(array_map(static fn(Step $s): float => $s->manner->work() + $s->manner->wait, $own));
    }

    /**
     * @param list<Step>        $steps
     * @param array<int, float> $seconds
     *
     * @return list<Step>
     */
    private function timed(array $steps, array $seconds): array
    {
        foreach ($seconds as $i => $s) {
            $steps[$i] = $steps[$i]->taking($s);
        }

        return array_values($steps);
    }

    /**
     * @param list<Step>        $steps
     * @param array<int, float> $seconds
     * @param array<int, int>   $places
     * @param list<int>         $free
     * @param list<int>         $out
     *
     * @return list<Step>
     */
    private function explained(
        array $steps,
        array $seconds,
        array $places,
        array $free,
        array $out,
    ): array {
        $kept = array_diff_key($seconds, array_flip($out));
        $told = [];
        foreach ($free as $i) {
            $with = $this->expected($steps, $kept + [$i => $seconds[$i]], $places) - $seconds[$i];
            $without = $this->expected($steps, array_diff_key($kept, [$i => true]), $places);
            $figures = [
                'gate' => (string) $steps[$i]->act->gate?->value,
                'saves' => (int) round($without - $with),
                'takes' => (int) round($seconds[$i]),
            ];
            $left = \in_array($i, $out, true);
            $at = $left ? \count($steps) - 1 : $i;
            $told[$at][] = new Reason($left ? 'gate-not-worth' : 'gate-worth', $figures);
        }

        return array_map(
            static fn(Step $s, int $i): Step => $s->because(...$told[$i] ?? []),
            $steps,
            array_keys($steps),
        );
    }

    /**
     * What waited for a gate that is left out waits for what it waited for.
     *
     * @param list<Step> $steps
     * @param list<int>  $out
     *
     * @return array<string, Step>
     */
    private function without(array $steps, array $out): array
    {
        $kept = $instead = [];
        foreach ($steps as $i => $step) {
            $after = [];
            foreach ($step->after as $id) {
                array_push($after, ...$instead[$id] ?? [$id]);
            }
            $step = $step->placed($step->id, $step->phase, array_values(array_unique($after)));
            if (\in_array($i, $out, true)) {
                $instead[$step->id] = $step->after;
            } else {
                $kept[$step->id] = $step;
            }
        }

        return $kept;
    }
}
