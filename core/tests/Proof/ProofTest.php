<?php

declare(strict_types=1);

namespace Facelift\Tests\Proof;

use Facelift\Anatomy\PhoneFunction as F;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\FunctionState as S;
use Facelift\Proof\Causes;
use Facelift\Proof\Change;
use Facelift\Proof\Gate;
use Facelift\Proof\GateTests;
use Facelift\Proof\Outcome as O;
use Facelift\Route\RoutePlanner;
use Facelift\Tests\Phones;
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
        self::assertSame($phone->functions(), $finished->functions);
    }

    public function testWhatACoverCarriesIsTestedWhenTheCoverWasOff(): void
    {
        $gates = Phones::plan('brasca-fern-5', K::DisplayAssembly)->gates;
        $finished = array_values(array_filter($gates, static fn(GateTests $g): bool => $g->gate === Gate::Finished))[0]->functions;
        self::assertContains(F::Earpiece, $finished);
        self::assertContains(F::Loudspeaker, $finished);
        self::assertNotContains(F::RearCamera, $finished);
    }

    public function testTheTrialTestsTheDisplayAlone(): void
    {
        $gates = Phones::plan('quillon-vesper', K::DisplayAssembly)->gates;
        self::assertSame([F::Image, F::Brightness, F::Touch, F::PartNotice], $gates[1]->functions);
    }

    public function testGatesThatApply(): void
    {
        $gates = static fn(string $p, K $k): array => array_map(static fn(GateTests $g): string => $g->gate->value, Phones::plan($p, $k)->gates);
        self::assertSame(['check-in', 'trial', 'dry', 'laid-shut', 'finished'], $gates('quillon-vesper', K::DisplayAssembly));
        self::assertSame(['check-in', 'trial', 'bonded', 'finished'], $gates('brasca-fern-5', K::DisplayAssembly));
        self::assertSame(['check-in', 'trial', 'bonded', 'finished'], $gates('brasca-fern-5', K::DisplayWithFrame));
    }

    public function testCausesNameTheConnectorThatTheRouteOpenedFirst(): void
    {
        $phone = Phones::read('brasca-fern-5');
        $route = (new RoutePlanner())->plan($phone, $phone->replacement(K::DisplayWithFrame));
        $causes = (new Causes())->of(F::Signal, $phone, $route);
        self::assertSame(['connector-not-seated', 'connector-not-seated', 'coax-lead-off'], array_map(static fn($r): string => $r->code, $causes));
        self::assertSame('Antenna lead, main board end', $causes[0]->figures['connector']);
    }
}
