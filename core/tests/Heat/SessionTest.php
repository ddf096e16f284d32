<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Binding;
use Facelift\Heat\Limits;
use Facelift\Heat\PhaseKind;
use Facelift\Heat\Session;
use Facelift\Heat\Source;
use Facelift\Quantity\OutOfRange;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SessionTest extends TestCase
{
    /** Windows from memory; aged adhesive 5 K lower is common practice, no source. */
    #[TestWith([AdhesiveKind::PrecutSeal, AdhesiveState::Fresh, 60.0, 85.0, 75.0])]
    #[TestWith([AdhesiveKind::FoamTape, AdhesiveState::Foreign, 55.0, 80.0, 70.0])]
    #[TestWith([AdhesiveKind::FoamTape, AdhesiveState::Aged, 45.0, 70.0, 60.0])]
    #[TestWith([AdhesiveKind::StrongGlue, AdhesiveState::Fresh, 75.0, 95.0, 90.0])]
    public function testWindows(
        AdhesiveKind $kind,
        AdhesiveState $state,
        float $low,
        float $high,
        float $target,
    ): void {
        $window = AdhesiveWindow::of($kind, $state);
        self::assertSame([$low, $high, $target], [$window->low, $window->high, $window->target()]);
    }

    #[TestWith([25.0, 125.0])]
    #[TestWith([121.0, 125.0])]
    #[TestWith([85.0, 5.0])]
    public function testAPlateHasItsRange(float $set, float $contact): void
    {
        $this->expectException(OutOfRange::class);
        Source::plate($set, $contact);
    }

    public function testHeatingEndsWellInsideTheWindowAndTheWindowThenRunsOut(): void
    {
        $session = self::session(85);
        $heating = $session->heat();
        self::assertSame(Binding::Target, $heating->binding);
        self::assertTrue($heating->parts);
        $window = $session->workingWindow();
        self::assertGreaterThan(30, $window);
        $session->cut($window);
        self::assertEqualsWithDelta(60, $session->now()->bond, 0.5);
        self::assertLessThanOrEqual(2, $session->workingWindow());
    }

    public function testLookingAheadChangesNothing(): void
    {
        $session = self::session(85);
        $session->heat();
        $before = $session->now();
        self::assertSame($session->workingWindow(), $session->workingWindow());
        self::assertSame($before, $session->now());
    }

    public function testAReheatIsShorterThanTheFirstHeating(): void
    {
        $session = self::session(85);
        $first = $session->heat();
        $session->cut($session->workingWindow());
        self::assertLessThan($first->seconds, $session->heat()->seconds);
    }

    public function testTheBatteryEndsTheHeatingBeforeItsLimit(): void
    {
        $session = self::session(85, new Limits(batteryCaution: 30));
        $heating = $session->heat();
        self::assertSame(Binding::Battery, $heating->binding);
        self::assertFalse($heating->parts);
        self::assertLessThan(31, $heating->end->battery);
        $seconds = $session->rest(28);
        self::assertGreaterThan(0, $seconds);
        self::assertLessThanOrEqual(28, $session->now()->battery);
    }

    public function testThePanelEndsTheHeatingToo(): void
    {
        self::assertSame(Binding::Panel, self::session(110, new Limits(panel: 50))->heat()->binding);
    }

    public function testTheOuterFaceIsTheHottestOnThePlate(): void
    {
        $session = self::session(85);
        $session->heat();
        $now = $session->now();
        self::assertGreaterThan($now->bond, $now->outerFace);
        self::assertLessThan(85, $now->outerFace);
        self::assertGreaterThan($now->battery, $now->panel);
    }

    public function testPhasesFollowEachOther(): void
    {
        $session = self::session(85);
        $session->heat();
        $session->cut(30);
        $session->rest(20);
        $end = 0.0;
        foreach ($session->phases() as $phase) {
            self::assertSame($end, $phase->from);
            $end = $phase->to;
        }
        self::assertSame(
            [PhaseKind::Heat, PhaseKind::Cut, PhaseKind::Rest],
            array_map(static fn($p): PhaseKind => $p->kind, $session->phases()),
        );
        self::assertSame($end, $session->now()->second);
    }

    private static function session(float $set, Limits $limits = new Limits()): Session
    {
        $phone = Phones::read('quillon-vesper');

        return Session::of(
            $phone,
            $phone->bonds['seal'],
            Source::plate($set),
            AdhesiveState::Fresh,
            $limits,
        );
    }
}
