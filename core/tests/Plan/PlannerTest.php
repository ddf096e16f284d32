<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Condition\Mark;
use Facelift\Condition\MarkKind;
use Facelift\Condition\Observation;
use Facelift\Condition\RepairSign;
use Facelift\Geometry\Point;
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
use Facelift\Plan\Warmth;
use Facelift\Plan\Warning;
use Facelift\Proof\Gate;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    use TestTrait;

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testHoldsWhateverWasFoundAtCheckIn(string $phone, ReplacementKind $kind): void
    {
        $this->limitTo(12)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed) use ($phone, $kind): void {
                $plan = Phones::plan(
                    $phone,
                    $kind,
                    self::condition(new Dice($seed)),
                    school: $seed % 2 === 0 ? School::StripThenBuild : School::PieceByPiece,
                );
                self::assertTrue($plan->works(), "seed $seed");
                $this->noStepBeforeWhatItWaitsFor($plan);
                $this->batteryFirstOffAndLastOn($plan);
                $this->everyScrewBackOnce($plan);
                $this->everythingPutOnIsTakenOff($plan);
                $this->everyPartThatStaysIsBack($plan);
                $this->nothingHotWhileWet($plan);
            });
    }

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

    private function noStepBeforeWhatItWaitsFor(Plan $plan): void
    {
        $done = [];
        foreach ($plan->steps as $step) {
            self::assertSame([], array_diff($step->after, $done), $step->id);
            self::assertNotContains($step->id, $done);
            self::assertNotSame([], $step->because, $step->id . ' says why it stands there');
            $done[] = $step->id;
        }
    }

    private function batteryFirstOffAndLastOn(Plan $plan): void
    {
        $power = $plan->basis->phone->powerConnector()->id;
        $in = true;
        $leads = array_keys(array_filter($plan->basis->phone->connectors, static fn($c): bool => $c->passive));
        foreach ($plan->steps as $step) {
            $touched = array_values(
                array_diff([...$step->effects->connectors->out, ...$step->effects->connectors->in], $leads),
            );
            if ($touched !== [] && $touched[0] !== $power) {
                self::assertFalse($in, $step->id . ' with the battery in');
            }
            if (\in_array($power, $step->effects->connectors->in, true)) {
                self::assertSame($power, $step->effects->connectors->in[\count($step->effects->connectors->in) - 1]);
                $in = true;
            }
            $in = \in_array($power, $step->effects->connectors->out, true) ? false : $in;
        }
        self::assertTrue($in, 'the battery is in at the end');
    }

    private function everyScrewBackOnce(Plan $plan): void
    {
        $out = $in = [];
        foreach ($plan->steps as $step) {
            foreach ($step->effects->screws->out as $id => $count) {
                $out[$id] = ($out[$id] ?? 0) + $count;
            }
            foreach ($step->effects->screws->in as $id => $count) {
                $in[$id] = ($in[$id] ?? 0) + $count;
            }
        }
        ksort($out);
        ksort($in);
        self::assertSame($out, $in);
        self::assertSame(array_sum($out), \count($plan->mat->places));
    }

    private function everythingPutOnIsTakenOff(Plan $plan): void
    {
        $on = [];
        foreach ($plan->steps as $step) {
            foreach ($step->effects->things->puts as $thing) {
                $on[$thing->value] = ($on[$thing->value] ?? 0) + 1;
            }
            foreach ($step->effects->things->takes as $thing) {
                self::assertGreaterThan(
                    0,
                    $on[$thing->value] ?? 0,
                    $step->id . ' takes off what is not on: ' . $thing->value,
                );
                $on[$thing->value] = ($on[$thing->value] ?? 0) - 1;
            }
        }
        // The film on the glass comes off at the counter, and that only.
        self::assertSame(
            [],
            array_diff(array_keys(array_filter($on, static fn(int $n): bool => $n !== 0)), ['film-front']),
        );
    }

    private function everyPartThatStaysIsBack(Plan $plan): void
    {
        $away = [];
        foreach ($plan->steps as $step) {
            $away = array_diff([...$away, ...$step->effects->parts->out], $step->effects->parts->in);
        }
        self::assertSame([], array_values(array_diff($away, $plan->route->discarded)));
    }

    private function nothingHotWhileWet(Plan $plan): void
    {
        $wet = [];
        foreach ($plan->steps as $step) {
            if ($step->manner->warmth !== Warmth::None) {
                self::assertSame([], $wet, $step->id);
            }
            $wetness = $step->effects->wetness;
            $wet = array_diff(
                [...$wet, ...$wetness->wets === null ? [] : [$wetness->wets->value]],
                [$wetness->dries?->value],
            );
        }
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

    public function testTheDryGateStandsBeforeTheSealIsShutAndLaidShutBeforeTheTailScrews(): void
    {
        $ids = array_keys(Phones::plan('quillon-vesper', K::DisplayAssembly)->steps);
        $at = static fn(string $id): int => (int) array_search($id, $ids, true);
        self::assertLessThan($at('close-bond:seal'), $at('gate:dry'));
        self::assertLessThan($at('gate:laid-shut'), $at('close-bond:seal'));
        self::assertLessThan($at('screw-in:tail-screws'), $at('gate:laid-shut'));
        self::assertSame('gate:finished', $ids[\count($ids) - 1]);
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

    public function testTheCustomerHearsOfThePairedPartTheNoticeAndTheWater(): void
    {
        $codes = array_map(
            static fn($r): string => $r->code,
            Phones::plan('quillon-vesper', K::DisplayAssembly)->remarks->customer,
        );
        self::assertSame(['water-resistance-not-promised', 'part-notice-stays', 'paired-part-moved'], $codes);
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

    private static function condition(Dice $dice): Condition
    {
        $cracks = [];
        for ($i = $dice->int(0, 3); $i > 0; --$i) {
            $cracks[] = new Mark(
                MarkKind::Crack,
                $dice->pick(Face::cases()),
                array_map(
                    static fn(): Point => new Point($dice->float(0, 71), $dice->float(0, 146)),
                    range(0, $dice->int(1, 5)),
                ),
            );
        }
        $seen = array_values(
            array_filter(
                Observation::cases(),
                static fn(Observation $o): bool => $o !== Observation::CellSwollen && $dice->chance(25),
            ),
        );

        return new Condition(
            $seen,
            $cracks,
            [],
            array_values(array_filter(RepairSign::cases(), static fn(): bool => $dice->chance(15))),
            [],
            $dice->chance(70),
            $dice->chance(30),
        );
    }
}
