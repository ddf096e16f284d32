<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Heat\Source;
use Facelift\Plan\Hazard;
use Facelift\Plan\Plan;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Plan\Risk;
use Facelift\Plan\Risks;
use Facelift\Plan\School;
use Facelift\Plan\SchoolFigures;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Warning;
use Facelift\Proof\Gate;
use Facelift\Proof\Testing;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    public function testAKnownGoodPanelIsConnectedBeforeAnythingIsStripped(): void
    {
        $dark = Condition::observed([Observation::NoImage, Observation::StillRings]);
        foreach (Phones::jobs() as [$phone, $kind]) {
            $plan = Phones::plan($phone, $kind, $dark);
            $kinds = array_map(static fn(Step $s): StepKind => $s->kind(), array_values($plan->steps));
            $proved = array_search(StepKind::ProvePanel, $kinds, true);
            if ($plan->route->trial === null) {
                self::assertContains(
                    'prove-at-dry-gate',
                    array_map(static fn(Warning $w): string => $w->reason->code, $plan->remarks->warnings),
                );
                continue;
            }
            self::assertIsInt($proved);
            self::assertGreaterThan(array_search(StepKind::TrialConnect, $kinds, true), $proved);
            self::assertLessThan(array_search(StepKind::SetAside, $kinds, true), $proved);
            self::assertNotContains(
                StepKind::ProvePanel,
                array_map(static fn(Step $s): StepKind => $s->kind(), Phones::plan($phone, $kind)->steps),
            );
        }
    }

    public function testGlassOnlyKeepsThePanelAndItsMemory(): void
    {
        $plan = Phones::plan('quillon-vesper', K::GlassOnly, Condition::observed([Observation::CrackedGlass]));
        $kinds = array_map(static fn(Step $s): StepKind => $s->kind(), array_values($plan->steps));
        self::assertNotContains(StepKind::ReadMemory, $kinds);
        self::assertNotContains(StepKind::TrialConnect, $kinds);
        $order = array_map(static fn(StepKind $k): int|false => array_search($k, $kinds, true), [
            StepKind::SetAside,
            StepKind::PartGlass,
            StepKind::CleanPanel,
            StepKind::Laminate,
            StepKind::CureUv,
            StepKind::FitNew,
        ]);
        self::assertNotContains(false, $order);
        $sorted = $order;
        sort($sorted);
        self::assertSame($sorted, $order);
        self::assertContains(
            'glass-only-may-fail',
            array_map(static fn($r): string => $r->code, $plan->remarks->customer),
        );
    }

    public function testRisksNameWhatTheRouteMayRuin(): void
    {
        $risks = static fn(string $phone, K $kind): array => array_map(
            static fn(Risk $r): string => $r->code,
            (new Risks())->of(Phones::plan($phone, $kind), 0.4),
        );
        self::assertSame(['paired-part', 'glued-flex', 'new-panel'], $risks('quillon-vesper', K::DisplayAssembly));
        self::assertSame(['paired-part', 'glued-flex', 'panel-lost'], $risks('quillon-vesper', K::GlassOnly));
        self::assertNotContains('paired-part', $risks('brasca-fern-5', K::DisplayAssembly));
        // 1 − 0.99·0.98·0.6, by hand 0.41788.
        self::assertEqualsWithDelta(
            0.41788,
            Risks::together((new Risks())->of(Phones::plan('quillon-vesper', K::GlassOnly), 0.4)),
            1e-9,
        );
    }

    /**
     * Both ways fit the same things; piece by piece begins to build before everything is out, and both say what they
     * take.
     */
    public function testBothSchoolsMoveTheSamePartsInAnotherOrder(): void
    {
        foreach (['brasca-fern-3', 'brasca-fern-5', 'brasca-larch'] as $id) {
            [$strip, $piece] = array_map(
                static fn(School $s): Plan => Phones::plan($id, K::DisplayWithFrame, school: $s),
                School::cases(),
            );
            $ids = static fn(Plan $p): array => array_keys($p->steps);
            self::assertEqualsCanonicalizing($ids($strip), $ids($piece));
            $fits = static fn(Plan $p): int|false => array_search(
                StepKind::FitPart,
                array_map(static fn(Step $s): StepKind => $s->kind(), array_values($p->steps)),
                true,
            );
            self::assertLessThan($fits($strip), $fits($piece));
            self::assertSame(
                School::cases(),
                array_map(static fn(SchoolFigures $f): School => $f->school, $piece->schools),
            );
            self::assertEqualsWithDelta(
                $strip->elapsed(),
                $piece->schools[0]->elapsed,
                1e-6,
                'the other one is reckoned as it would be planned',
            );
            self::assertGreaterThan($strip->handsOn(), $strip->elapsed());
            self::assertLessThan($strip->handsOn() + $strip->waiting() + 500, $strip->elapsed());
        }
        self::assertSame([], Phones::plan('quillon-vesper', K::DisplayAssembly)->schools);
    }

    /** What needs no hands begins early and other work goes on beside it. */
    public function testGlueIsWarmedWhileOtherThingsAreDone(): void
    {
        $plan = Phones::plan('brasca-fern-3', K::DisplayWithFrame);
        $ids = array_keys($plan->steps);
        $warm = array_search('warm-battery:battery-glue', $ids, true);
        $part = array_search('part-bond:battery-glue', $ids, true);
        self::assertIsInt($warm);
        self::assertIsInt($part);
        self::assertGreaterThan($warm + 2, $part);
        self::assertContains('warm-battery:battery-glue', $plan->steps['part-bond:battery-glue']->after);
        self::assertLessThan($plan->handsOn() + $plan->waiting(), $plan->elapsed() - 400);
    }

    public function testTheTwoWaysOfTheFernDifferInWhatMoves(): void
    {
        $without = Phones::plan('brasca-fern-5', K::DisplayAssembly);
        $with = Phones::plan('brasca-fern-5', K::DisplayWithFrame);
        self::assertSame([], $without->route->moved);
        self::assertCount(16, $with->route->moved);
        self::assertArrayHasKey('display-tape', $without->sealing->openings);
        self::assertArrayNotHasKey('display-tape', $with->sealing->openings);
        self::assertGreaterThan($with->waiting(), $without->waiting());
    }

    public function testTheDisplayMemoryIsReadBeforeItIsWrittenAndOnlyWhereThereIsOne(): void
    {
        $kinds = static fn(Plan $p): array => array_map(
            static fn(Step $s): StepKind => $s->kind(),
            array_values($p->steps),
        );
        $vesper = $kinds(Phones::plan('quillon-vesper', K::DisplayAssembly));
        self::assertLessThan(
            array_search(StepKind::WriteMemory, $vesper, true),
            array_search(StepKind::ReadMemory, $vesper, true),
        );
        self::assertNotContains(StepKind::ReadMemory, $kinds(Phones::plan('brasca-fern-5', K::DisplayAssembly)));
    }

    /** Between the trial and the end a gate stands where going back would cost more than its tests, and says so. */
    public function testTheDryGateStandsBeforeTheSealIsShutAndNoneWhereGoingBackIsCheap(): void
    {
        $steps = Phones::plan('quillon-vesper', K::DisplayAssembly)->steps;
        $ids = array_keys($steps);
        $at = static fn(string $id): int => (int) array_search($id, $ids, true);
        self::assertLessThan($at('close-bond:seal'), $at('gate:dry'));
        self::assertSame('gate:finished', $ids[\count($ids) - 1]);
        self::assertArrayNotHasKey('gate:laid-shut', $steps, 'only two tail screws come after it');
        self::assertSame([], array_diff($steps['screw-in:tail-screws']->after, $ids), 'what waited for it goes on');
        $worth = $steps['gate:dry']->because[1];
        $not = $steps['gate:finished']->because[1];
        self::assertSame(['gate-worth', 'gate-not-worth'], [$worth->code, $not->code]);
        self::assertGreaterThan($worth->figures['takes'], $worth->figures['saves']);
        self::assertLessThan($not->figures['takes'], $not->figures['saves']);
    }

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testEveryNewPartIsProvenBeforeItIsBondedAndAtTheEnd(string $id, K $kind): void
    {
        $plan = Phones::plan($id, $kind);
        $proven = false;
        foreach ($plan->steps as $step) {
            $proven = $proven || \in_array($step->act->gate, [Gate::Trial, Gate::Dry], true);
            $bond = $step->kind() === StepKind::CloseBond ? $plan->basis->phone->bonds[$step->act->subjects[0]] : null;
            $new = $bond !== null && $plan->basis->replaces($bond->lifted()) && !$plan->basis->isGlassOnly();
            self::assertTrue($proven || !$new || self::warnsOfIt($plan), $step->id);
            if ($step->act->gate !== null) {
                $tests = $plan->gates[$step->act->gate->value]->functions;
                self::assertEqualsWithDelta(Testing::seconds($tests), $step->manner->hands, 1e-9);
            }
        }
        self::assertArrayHasKey('finished', $plan->gates);
    }

    private static function warnsOfIt(Plan $plan): bool
    {
        $untested = static fn(Warning $w): bool => $w->reason->code === 'bonded-untested';

        return array_filter($plan->remarks->warnings, $untested) !== [];
    }

    public function testCautionsStandWhereTheWorkCanHurt(): void
    {
        $plan = Phones::plan('quillon-vesper', K::DisplayAssembly, Condition::observed([Observation::CrackedGlass]));
        $cautions = [];
        foreach ($plan->steps as $step) {
            $cautions[$step->id] = array_map(static fn(Hazard $h): string => $h->value, $step->manner->hazards);
        }
        self::assertContains('broken-glass', $cautions['tape-glass']);
        self::assertContains('hot-plate', $cautions['heat:seal']);
        self::assertContains('battery-limit', $cautions['heat:seal']);
        self::assertContains('broken-glass', $cautions['cut-pass:seal']);
        self::assertContains('no-flame-ipa', $cautions['clean-ledge:seal']);
        self::assertContains('waste', $cautions['set-aside:display']);
        self::assertContains('paired', $cautions['lift-part:earpiece-flex']);
    }

    public function testASwollenCellStopsTheJob(): void
    {
        $plan = Phones::plan('quillon-vesper', K::DisplayAssembly, Condition::observed([Observation::CellSwollen]));
        self::assertFalse($plan->works());
        self::assertSame('stop-cell-swollen', $plan->remarks->warnings[0]->reason->code);
    }

    public function testASourceThatCannotReachIsSaidWithItsFigures(): void
    {
        $plan = Phones::plan('quillon-vesper', K::DisplayAssembly, null, 60);
        self::assertFalse($plan->works());
        self::assertSame('stop-source-cannot-reach-time', $plan->remarks->warnings[0]->reason->code);
        self::assertLessThan(60, $plan->remarks->warnings[0]->reason->figures['reached']);
    }

    public function testAPhoneThatCannotBeSwitchedOffIsTreatedAsLive(): void
    {
        $seen = new Condition(
            [],
            [],
            [],
            [],
            [],
            false,
            false,
        );
        self::assertContains(
            Hazard::MayBeLive,
            array_values(Phones::plan('quillon-vesper', K::DisplayAssembly, $seen)->steps)[0]->manner->hazards,
        );
    }

    public function testTheCustomerHearsOfThePairedPartAndTheWater(): void
    {
        $codes = array_map(
            static fn($r): string => $r->code,
            Phones::plan('quillon-vesper', K::DisplayAssembly)->remarks->customer,
        );
        self::assertSame(
            ['water-resistance-not-promised', 'full-strength-after', 'paired-part-moved'],
            $codes,
        );
    }

    public function testAScrewWithoutAHoleOnTheNewPartIsExpectedToBeLeftOver(): void
    {
        $data = Phones::data('brasca-fern-5');
        \assert(\is_array($data['replacements']) && \is_array($data['replacements'][1]));
        $data['replacements'][1]['lacks'] = ['plate-screws'];
        $phone = (new PhoneReader())->read($data);
        $plan = (new Planner())->plan(
            new Request($phone, $phone->replacement(K::DisplayWithFrame), Condition::observed([]), Source::plate(85)),
        );
        $step = array_values(
            array_filter($plan->steps, static fn(Step $s): bool => $s->id === 'left-over:plate-screws'),
        )[0];
        self::assertSame('no-hole-on-new-part', $step->because[0]->code);
        self::assertSame(2, $step->act->figures['count']);
        self::assertNull($step->manner->tool);
    }

    public function testWithoutATrialTheDryGateRemains(): void
    {
        $data = Phones::data('quillon-vesper');
        \assert(\is_array($data['panel']));
        $data['panel']['flexNeeded'] = 60;
        $phone = (new PhoneReader())->read($data);
        $plan = (new Planner())->plan(
            new Request($phone, $phone->replacement(K::DisplayAssembly), Condition::observed([]), Source::plate(85)),
        );
        self::assertSame('no-trial-flex-too-short', $plan->remarks->warnings[0]->reason->code);
        self::assertContains(Gate::Dry, array_map(static fn(Step $s): ?Gate => $s->act->gate, $plan->steps));
    }
}
