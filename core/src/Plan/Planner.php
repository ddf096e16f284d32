<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Calibration\MemoryTransfer;
use Facelift\Condition\Observation;
use Facelift\Cut\GlassPlanner;
use Facelift\Cut\Opening;
use Facelift\Cut\OpeningPlanner;
use Facelift\Document\Reason;
use Facelift\Fasteners\ScrewMat;
use Facelift\Heat\HeatAdvisor;
use Facelift\Heat\Region;
use Facelift\Plan\Internal\ReturnSteps;
use Facelift\Plan\Internal\StepList;
use Facelift\Plan\Internal\TakeApartSteps;
use Facelift\Proof\Gate;
use Facelift\Proof\TestPlanner;
use Facelift\Route\NoWayIn;
use Facelift\Route\Route;
use Facelift\Route\RoutePlanner;
use Facelift\Seal\Sealer;
use Facelift\Seal\SealPlan;

/** Puts route, heat, cut, seal and tests together into one plan. */
final readonly class Planner
{
    /** From here on somebody should ask whether the panel is worth it (common practice: six heatings were needed on one glued screen). */
    private const MANY_HEATINGS = 8;

    public function __construct(
        private RoutePlanner $routes = new RoutePlanner(),
        private OpeningPlanner $openings = new OpeningPlanner(),
        private Sealer $sealer = new Sealer(),
        private GlassPlanner $glass = new GlassPlanner(),
    ) {}

    /** @throws NoWayIn If the phone file blocks itself. */
    public function plan(Request $request): Plan
    {
        $plan = $this->one($request);
        if (!$plan->works() || !self::movesOver($request, $plan->route)) {
            return $plan;
        }

        return $plan->with(array_map(fn(School $s): SchoolFigures => $s === $request->school ? $plan->figures() : $this->one($request->by($s), $plan)->figures(), School::cases()));
    }

    /** @param Plan|null $like a plan of the same job by the other school: route, openings and seals are the same */
    private function one(Request $request, ?Plan $like = null): Plan
    {
        $route = $like->route ?? $this->routes->plan($request->phone, $request->replacement, $request->oldPanel());
        $openings = $like->openings ?? $this->openingsOf($request, $route);
        $seals = $like->seals ?? $this->sealsOf($request, $route);
        $warnings = $this->warnings($request, $route, $openings);
        $works = array_filter($warnings, static fn(Reason $r): bool => str_starts_with($r->code, 'stop-')) === [];
        $glass = $request->replacement->kind === ReplacementKind::GlassOnly ? $this->glass->plan($request->phone, $request->condition, $request->room) : null;
        $steps = new StepList();
        if ($works) {
            $return = new ReturnSteps($request, $route, $seals, $steps, $glass);
            (new TakeApartSteps($request, $route, $openings, $steps, $request->school === School::PieceByPiece && self::movesOver($request, $route) ? $return : null))->write();
            $return->write();
        }
        $gates = array_values(array_filter(array_map(static fn(Step $s): ?Gate => $s->gate, $steps->all())));

        if ($works && self::bondsUntested($steps->all(), $openings, $request)) {
            $warnings[] = new Reason('bonded-untested');
        }

        return new Plan(
            $request,
            $route,
            $steps->all(),
            $openings,
            $seals,
            (new TestPlanner([Gate::CheckIn, ...$gates]))->plan($request->phone, $route),
            ScrewMat::of($this->screws($request, $route)),
            $steps->changes(),
            $warnings,
            $this->customer($request, $route),
        );
    }

    /** True if parts go over to a new frame, so that there are two ways of doing it. */
    public static function movesOver(Request $request, Route $route): bool
    {
        $frame = array_filter($request->replacement->replaces, static fn(string $id): bool => $request->phone->parts[$id]->kind === PartKind::Frame);

        return $frame !== [] && \count($route->moved) > 1;
    }

    /**
     * True if a new display is bonded before anything has shown that it works.
     *
     * @param list<Step>             $steps
     * @param array<string, Opening> $openings
     */
    private static function bondsUntested(array $steps, array $openings, Request $request): bool
    {
        foreach ($steps as $step) {
            if ($step->gate !== null) {
                return false;
            }
            $bond = $step->kind === StepKind::CloseBond ? $request->phone->bonds[$step->subjects[0]] ?? null : null;
            if ($bond !== null && isset($openings[$bond->id]) && \in_array($bond->joins[0], $request->replacement->replaces, true)) {
                return $request->replacement->kind !== ReplacementKind::GlassOnly;
            }
        }

        return false;
    }

    /** @return array<string, Opening> */
    private function openingsOf(Request $request, Route $route): array
    {
        $openings = [];
        foreach ($this->cutBonds($request, $route) as $bond) {
            $openings[$bond->id] = $this->openings->plan($request->phone, $bond, $request->condition, $request->source, $request->room, $request->oldPanel());
        }

        return $openings;
    }

    /** @return array<string, SealPlan> */
    private function sealsOf(Request $request, Route $route): array
    {
        $seals = [];
        foreach ($this->cutBonds($request, $route) as $bond) {
            $seals[$bond->id] = $this->sealer->plan($request->phone, $bond, \in_array($bond->joins[0], $request->replacement->replaces, true));
        }

        return $seals;
    }

    /** @return list<Bond> */
    private function cutBonds(Request $request, Route $route): array
    {
        $bonds = array_filter(array_map(static fn(string $id): ?Bond => $request->phone->bonds[$id] ?? null, $route->ids()));

        return array_values(array_filter($bonds, static fn(Bond $b): bool => $b->cut !== null));
    }

    /** @return list<Fastener> */
    private function screws(Request $request, Route $route): array
    {
        return array_values(array_filter(array_map(static fn(string $id): ?Fastener => $request->phone->fasteners[$id] ?? null, $route->ids())));
    }

    /**
     * @param array<string, Opening> $openings
     *
     * @return list<Reason>
     */
    private function warnings(Request $request, Route $route, array $openings): array
    {
        $warnings = [];
        if ($request->condition->shows(Observation::CellSwollen)) {
            $warnings[] = new Reason('stop-cell-swollen');
        }
        foreach ($openings as $bond => $opening) {
            if ($opening->blocked !== null) {
                $end = $opening->samples[\count($opening->samples) - 1];
                $warnings[] = new Reason('stop-source-cannot-reach-' . $opening->blocked->value, [
                    'bond' => $request->phone->nameOf($bond), 'set' => $request->source->set, 'reached' => round($end->bond, 1),
                    'needed' => $opening->window->low, 'battery' => round($end->battery, 1), 'minutes' => round($end->second / 60, 1),
                ]);
                array_push($warnings, ...$this->wouldWork($request, $bond, $opening));
            }
        }
        foreach ($openings as $bond => $opening) {
            if ($opening->heatings() > self::MANY_HEATINGS) {
                $warnings[] = new Reason('many-heatings', ['bond' => $request->phone->nameOf($bond), 'count' => $opening->heatings()]);
            }
        }
        if ($route->trial === null && $request->replacement->kind !== ReplacementKind::GlassOnly) {
            $warnings[] = new Reason('no-trial-flex-too-short', ['flex' => $request->replacement->flexLength, 'needed' => $request->phone->panel->flexNeeded]);
        }
        if ($request->condition->bondIsForeign()) {
            $warnings[] = new Reason('unknown-adhesive');
        }
        if (!$request->condition->canSwitchOff) {
            $warnings[] = new Reason('cannot-switch-off');
        }
        if ($request->provesFirst() && $route->trial === null) {
            $warnings[] = new Reason('prove-at-dry-gate');
        }

        return $warnings;
    }

    /** @return list<Reason> a setting of this source that would, or another source; or that none is safe */
    private function wouldWork(Request $request, string $bondId, Opening $opening): array
    {
        $phone = $request->phone;
        $bond = $phone->bonds[$bondId];
        $region = new Region($phone->stacks[(string) $bond->stack], $phone->stacks[(string) $bond->batteryStack], $opening->window, $opening->limits, $request->room);
        $advice = (new HeatAdvisor())->advise($region, $request->source, $opening->window, $opening->limits);

        return $advice->best === null
            ? array_values(array_filter($advice->because, static fn(Reason $r): bool => \in_array($r->code, ['heat-none-is-safe', 'heat-other-works'], true)))
            : [new Reason('heat-would-work', ['bond' => $bond->name, 'set' => round($advice->best->set), 'seconds' => (int) $advice->best->seconds])];
    }

    /** @return list<Reason> */
    private function customer(Request $request, Route $route): array
    {
        $glassOnly = $request->replacement->kind === ReplacementKind::GlassOnly;
        $hears = [new Reason('water-resistance-not-promised'), ...($glassOnly ? [new Reason('glass-only-may-fail')] : MemoryTransfer::of($request->phone->panel)->customerHears)];
        foreach ($route->moved as $id) {
            $part = $request->phone->parts[$id];
            if ($part->pairing !== Pairing::None) {
                $hears[] = new Reason('paired-part-moved', ['part' => $part->name]);
            }
        }
        if ($request->condition->bondIsForeign()) {
            $hears[] = new Reason('opened-before');
        }

        return $hears;
    }
}
