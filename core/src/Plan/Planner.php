<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Cut\GlassParting;
use Facelift\Cut\GlassPlanner;
use Facelift\Document\Reason;
use Facelift\Fasteners\ScrewMat;
use Facelift\Plan\Internal\Cautions;
use Facelift\Plan\Internal\GateChoice;
use Facelift\Plan\Internal\JobWriter;
use Facelift\Plan\Internal\Openings;
use Facelift\Plan\Internal\Site;
use Facelift\Proof\Gate;
use Facelift\Proof\GateTests;
use Facelift\Proof\Testing;
use Facelift\Proof\TestPlanner;
use Facelift\Route\NoWayIn;
use Facelift\Route\Route;
use Facelift\Route\RoutePlanner;
use Facelift\Seal\GlassLayer;
use Facelift\Seal\Sealer;
use Facelift\Seal\SealPlan;

/** Puts route, heat, cut, seal and tests together into one plan. */
final readonly class Planner
{
    public function __construct(
        private RoutePlanner $routes = new RoutePlanner(),
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

        return $plan->beside(
            array_map(
                fn(School $s): SchoolFigures => $s === $request->school
                    ? $plan->figures()
                    : $this->one($request->by($s), $plan)->figures(),
                School::cases(),
            ),
        );
    }

    /** @param Plan|null $like a plan of the same job by the other school: route and bonds are the same */
    private function one(Request $request, ?Plan $like = null): Plan
    {
        $route = $like->route ?? $this->routes->plan($request->phone, $request->replacement, $request->oldPanel());
        $sealing = $like->sealing ?? $this->sealing($request, $route);
        $warnings = (new Cautions($request, $route, $sealing))->all();
        $site = new Site($request, $route, $sealing);
        if (!(new Remarks($warnings, []))->stop()) {
            (new JobWriter($site, $this->glass($request)))->write();
        }
        $choice = new GateChoice($request, $route, $sealing);
        $steps = $choice->fewest($site->steps->all(), fn(Gate $g): array => $this->tests($request, $route, $g));
        $minutes = $request->minutes ?? Minutes::estimated();
        $family = $request->phone->family;
        $steps = array_map(static fn(Step $step): Step => $minutes->of($step, $family), $steps);
        $warnings = self::bondsUntested($steps, $request)
            ? [...$warnings, Warning::care(new Reason('bonded-untested'))]
            : $warnings;

        $plan = new Plan(
            $request->basis(),
            $route,
            $steps,
            $sealing,
            $this->gates($request, $route, $steps, $choice->fails()),
            ScrewMat::of($this->screws($request, $route)),
            $site->steps->changes(),
            new Remarks($warnings, $this->customer($request, $route, $sealing)),
        );

        return self::withGuess($plan);
    }

    /** What nobody knows of the phone yet is said as ranges, to who works and to the customer. */
    private static function withGuess(Plan $plan): Plan
    {
        $guess = $plan->works() ? Guess::of($plan) : null;

        return $guess === null ? $plan : $plan->remarking(
            [Warning::care(new Reason('phone-assumed', [
                'count' => \count($guess->assumed),
                'fewest' => $guess->fewest,
                'most' => $guess->most,
                'least' => (int) round($guess->least / 60),
                'longest' => (int) ceil($guess->longest / 60),
            ]))],
            [new Reason('phone-not-drawn')],
        );
    }

    private function glass(Request $request): ?GlassParting
    {
        return $request->basis()->isGlassOnly()
            ? $this->glass->plan($request->phone, $request->condition, $request->room)
            : null;
    }

    /**
     * @param array<string, Step>  $steps
     * @param array<string, float> $fails how often each function fails after this route
     *
     * @return array<string, GateTests> the functions of each in the order of testing
     */
    private function gates(Request $request, Route $route, array $steps, array $fails): array
    {
        $gates = [];
        $used = array_map(static fn(Step $s): ?Gate => $s->act->gate, array_values($steps));
        foreach ([Gate::CheckIn, ...$used] as $gate) {
            if ($gate !== null) {
                $functions = Testing::inOrder($this->tests($request, $route, $gate), $fails);
                $gates[$gate->value] = new GateTests($gate, $functions);
            }
        }

        return $gates;
    }

    /** @return list<PhoneFunction> */
    private function tests(Request $request, Route $route, Gate $gate): array
    {
        return (new TestPlanner([$gate]))->plan($request->phone, $request->replacement, $route)[0]->functions;
    }

    /** True if parts go over to a new frame, so that there are two ways of doing it. */
    private static function movesOver(Request $request, Route $route): bool
    {
        return self::swapsFrame($request) && \count($route->moved) > 1;
    }

    private static function swapsFrame(Request $request): bool
    {
        $replaced = array_map(
            static fn(string $id): PartKind => $request->phone->parts[$id]->kind,
            $request->replacement->replaces,
        );

        return \in_array(PartKind::Frame, $replaced, true);
    }

    /**
     * True if a new display is bonded before anything has shown that it works.
     *
     * @param array<string, Step> $steps
     */
    private static function bondsUntested(array $steps, Request $request): bool
    {
        foreach ($steps as $step) {
            if ($step->act->gate !== null) {
                return false;
            }
            $bond = $step->kind() === StepKind::CloseBond ? $request->phone->bonds[$step->act->subjects[0]] : null;
            if ($bond !== null && $request->basis()->replaces($bond->lifted())) {
                return !$request->basis()->isGlassOnly();
            }
        }

        return false;
    }

    private function sealing(Request $request, Route $route): Sealing
    {
        $openings = (new Openings($request, $route))->by($request->source, $request->approach);
        $seals = [];
        foreach ($this->cutBonds($request, $route) as $bond) {
            $seals[$bond->id] = $this->seal($request, $bond);
        }
        $glass = $request->basis()->isGlassOnly() ? (new GlassLayer())->lay($request->phone, $request->room) : null;

        return new Sealing($openings, $seals, $glass);
    }

    private function seal(Request $request, Bond $bond): SealPlan
    {
        $basis = $request->basis();
        $wish = $request->seal;

        return $this->sealer->plan(
            $wish->request($basis, $bond, $request->condition),
            $basis->replaces($bond->lifted()) ? $wish->way : null,
        );
    }

    /** @return list<Bond> */
    private function cutBonds(Request $request, Route $route): array
    {
        $bonds = array_filter(
            array_map(static fn(string $id): ?Bond => $request->phone->bonds[$id] ?? null, $route->ids()),
        );

        return array_values(array_filter($bonds, static fn(Bond $b): bool => $b->cut !== null));
    }

    /** @return list<Fastener> */
    private function screws(Request $request, Route $route): array
    {
        return array_values(
            array_filter(
                array_map(static fn(string $id): ?Fastener => $request->phone->fasteners[$id] ?? null, $route->ids()),
            ),
        );
    }

    /** @return list<Reason> until when the phone is not to be bent, wetted or pressed; an estimate */
    private static function curing(Sealing $sealing): array
    {
        $hours = array_map(static fn(SealPlan $s): float => $s->hold->cure ?? 0.0, array_values($sealing->seals));
        $longest = max([0.0, ...$hours]);

        return $longest > 0 ? [new Reason('full-strength-after', ['hours' => $longest])] : [];
    }

    /** @return list<Reason> */
    private function customer(Request $request, Route $route, Sealing $sealing): array
    {
        $glassOnly = $request->basis()->isGlassOnly();
        $hears = [
            new Reason('water-resistance-not-promised'),
            ...self::curing($sealing),
            ...$glassOnly ? [new Reason('glass-only-may-fail')] : [],
        ];
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
