<?php

declare(strict_types=1);

namespace Facelift\Tests\Proof;

use Facelift\Anatomy\PhoneFunction as F;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\FunctionState as S;
use Facelift\Proof\Change;
use Facelift\Proof\Gate;
use Facelift\Proof\GateTests;
use Facelift\Proof\Need;
use Facelift\Proof\Outcome as O;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ProofTest extends TestCase
{
    #[TestWith([S::Works, O::Fail, Change::NewFault])]
    #[TestWith([S::Works, O::Pass, Change::StillWorks])]
    #[TestWith([S::Fails, O::Pass, Change::Mended])]
    #[TestWith([S::Fails, O::Fail, Change::StillFails])]
    #[TestWith([S::CannotTest, O::Fail, Change::FailsUnknownBefore])]
    #[TestWith([S::CannotTest, O::Pass, Change::WorksUnknownBefore])]
    #[TestWith([S::Works, O::NotPossible, Change::NotTested])]
    public function testBeforeAndAfter(S $before, O $after, Change $change): void
    {
        self::assertSame($change, Change::between($before, $after));
    }

    public function testAFrameSwapTestsNearlyEverything(): void
    {
        $phone = Phones::read('brasca-fern-5');
        $gates = Phones::plan('brasca-fern-5', K::DisplayWithFrame)->gates;
        $finished = array_values(array_filter($gates, static fn(GateTests $g): bool => $g->gate === Gate::Finished))[0];
        self::assertEqualsCanonicalizing($phone->functions(), $finished->functions);
    }

    public function testWhatACoverCarriesIsTestedWhenTheCoverWasOff(): void
    {
        $gates = Phones::plan('brasca-fern-5', K::DisplayAssembly)->gates;
        $finished = array_values(array_filter($gates, static fn(GateTests $g): bool => $g->gate === Gate::Finished))[0]
            ->functions;
        self::assertContains(F::Earpiece, $finished);
        self::assertContains(F::Loudspeaker, $finished);
        self::assertNotContains(F::RearCamera, $finished);
    }

    public function testTheTrialTestsTheDisplayAlone(): void
    {
        $gates = Phones::plan('quillon-vesper', K::DisplayAssembly)->gates;
        self::assertEqualsCanonicalizing(
            [F::Image, F::Brightness, F::Touch, F::PartNotice],
            $gates['trial']->functions,
        );
    }

    public function testGatesThatApply(): void
    {
        $gates = static fn(string $p, K $k): array => array_keys(Phones::plan($p, $k)->gates);
        self::assertSame(
            ['check-in', 'trial', 'dry', 'finished'],
            $gates('quillon-vesper', K::DisplayAssembly),
        );
        self::assertSame(['check-in', 'trial', 'bonded', 'finished'], $gates('brasca-fern-5', K::DisplayAssembly));
        self::assertSame(['check-in', 'trial', 'bonded', 'finished'], $gates('brasca-fern-5', K::DisplayWithFrame));
    }

    /**
     * For every shipped phone and kind of part: what is tested is what was touched, and nothing that the phone has
     * not.
     */
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testEveryGateTestsWhatItCanAndTheLastEverythingThatWasTouched(string $id, K $kind): void
    {
        $plan = Phones::plan($id, $kind);
        $phone = $plan->basis->phone;
        $last = array_values($plan->gates)[\count($plan->gates) - 1];
        self::assertSame([Gate::CheckIn, Gate::Finished], [array_values($plan->gates)[0]->gate, $last->gate]);
        self::assertEqualsCanonicalizing(
            $phone->functions(),
            $plan->gates['check-in']->functions,
            'all of it before anything is opened',
        );
        foreach ($plan->gates as $gate) {
            self::assertSame(
                [],
                array_udiff(
                    $gate->functions,
                    $phone->functions(),
                    static fn(F $a, F $b): int => strcmp($a->value, $b->value),
                ),
            );
            if (\in_array($gate->gate, [Gate::Trial, Gate::Dry, Gate::Bonded, Gate::LaidShut], true)) {
                self::assertNotContains(
                    Need::Owner,
                    array_map(Need::of(...), $gate->functions),
                    'the owner is not at the bench',
                );
                self::assertContains(F::Image, $gate->functions);
            }
        }
        foreach ($plan->route->moved as $part) {
            foreach ($phone->parts[$part]->functions as $function) {
                self::assertContains($function, $last->functions, "$part was moved");
            }
        }
        foreach ($plan->route->ids() as $removal) {
            $connector = $phone->connectors[$removal] ?? null;
            foreach ($connector === null ? [] : $phone->parts[$connector->joins[0]]->functions as $function) {
                self::assertContains($function, $last->functions, "$removal was open");
            }
        }
    }
}
