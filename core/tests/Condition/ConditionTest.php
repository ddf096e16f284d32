<?php

declare(strict_types=1);

namespace Facelift\Tests\Condition;

use Facelift\Anatomy\Face;
use Facelift\Condition\Check;
use Facelift\Condition\CheckResult;
use Facelift\Condition\Condition;
use Facelift\Condition\ConditionReader;
use Facelift\Condition\EdgeState;
use Facelift\Condition\Imei;
use Facelift\Condition\Mark;
use Facelift\Condition\MarkKind;
use Facelift\Condition\MarkWords;
use Facelift\Condition\Observation;
use Facelift\Condition\RepairSign;
use Facelift\Condition\SignConsequence;
use Facelift\Document\Unreadable;
use Facelift\Geometry\Point;
use Facelift\Geometry\Side;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class ConditionTest extends TestCase
{
    public function testAStretchIsCrazedWhereACrackReachesIt(): void
    {
        $glass = Phones::read('quillon-vesper')->body->glass;
        $condition = new Condition(
            [],
            [new Mark(MarkKind::Crack, Face::Front, [new Point(30, 60), new Point(2, 110)])],
            [],
            [],
            [],
            true,
            false,
        );
        self::assertTrue($condition->crazedAlong(
            $glass,
            Face::Front,
            Side::Left,
            73,
            146,
        ));
        self::assertFalse($condition->crazedAlong(
            $glass,
            Face::Front,
            Side::Left,
            0,
            60,
        ));
        self::assertFalse($condition->crazedAlong(
            $glass,
            Face::Front,
            Side::Right,
            0,
            146,
        ));
        self::assertFalse($condition->crazedAlong(
            $glass,
            Face::Back,
            Side::Left,
            73,
            146,
        ));
        self::assertTrue($condition->glassBroken(Face::Front));
        self::assertFalse($condition->glassBroken(Face::Back));
    }

    public function testReadsWhatCheckInSends(): void
    {
        $read = (new ConditionReader())->read([
            'observations' => ['lines'],
            'marks' => [],
            'functions' => [['function' => 'image', 'state' => 'fails']],
            'repairSigns' => ['liquid-glue'],
            'takenOut' => ['sim-tray'],
            'canSwitchOff' => false,
            'dataNeeded' => true,
        ]);
        self::assertTrue($read->bondIsForeign());
        self::assertFalse($read->canSwitchOff);
    }

    public function testRefusesACrackOfOnePointWithItsPath(): void
    {
        try {
            (new ConditionReader())->read([
                'observations' => ['scratch'],
                'marks' => [['kind' => 'crack', 'face' => 'front', 'points' => [['x' => 1, 'y' => 1]]]],
                'functions' => [],
                'repairSigns' => [],
                'takenOut' => [],
            ]);
            self::fail('it was read');
        } catch (Unreadable $e) {
            self::assertSame(
                ['observations[0]', 'marks[0].points'],
                array_map(static fn($f): string => $f->path, $e->faults),
            );
        }
    }

    public function testMarksAreSaidInWordsWithPlaceLengthAndEdge(): void
    {
        $phone = Phones::read('quillon-vesper');
        $crack = (new MarkWords())->of(
            new Mark(MarkKind::Crack, Face::Front, [new Point(2, 130), new Point(35, 80)]),
            $phone,
        );
        self::assertSame('mark-crack-at-edge', $crack->code);
        self::assertSame(
            ['face' => 'front', 'from' => 'bottom-left', 'to' => 'middle-centre', 'length' => 60.0, 'edges' => 'left'],
            $crack->figures,
        );
        $inside = (new MarkWords())->of(
            new Mark(MarkKind::Line, Face::Front, [new Point(30, 60), new Point(30, 90)]),
            $phone,
        );
        self::assertSame(['mark-line', 30.0], [$inside->code, $inside->figures['length']]);
        $zone = (new MarkWords())->of(
            new Mark(MarkKind::DeadZone, Face::Front, [new Point(10, 10), new Point(40, 22)]),
            $phone,
        );
        self::assertSame(
            [30.0, 12.0, 'top-left'],
            [$zone->figures['width'], $zone->figures['height'], $zone->figures['from']],
        );
        self::assertSame(
            'mark-frame-bend',
            (new MarkWords())->of(new Mark(MarkKind::FrameBend, Face::Back, [new Point(1, 1)]), $phone)->code,
        );
    }

    public function testWhatIsDrawnIsAlsoSeen(): void
    {
        $drawn = new Condition(
            [Observation::Flicker],
            [
                new Mark(MarkKind::Spot, Face::Front, [new Point(20, 20)]),
                new Mark(MarkKind::Crack, Face::Back, [new Point(20, 20), new Point(9, 9)]),
            ],
            [],
            [],
            [],
            true,
            false,
        );
        self::assertSame([Observation::Spots, Observation::Flicker, Observation::BackCracked], $drawn->seen());
    }

    public function testTheSuctionCupGoesWhereTheGlassIsWhole(): void
    {
        $phone = Phones::read('quillon-vesper');
        $seal = $phone->bonds['seal'];
        $whole = EdgeState::of($seal, $phone, Condition::observed([]));
        self::assertNotNull($whole?->cup);
        self::assertFalse($whole->moved);
        // A crack through the middle of the start edge: the cup has to keep its radius of 15 mm away from it.
        $crack = new Mark(MarkKind::Crack, Face::Front, [new Point(35.7, 146), new Point(35.7, 100)]);
        $moved = EdgeState::of($seal, $phone, new Condition(
            [],
            [$crack],
            [],
            [],
            [],
            true,
            false,
        ));
        self::assertNotNull($moved?->cup);
        self::assertTrue($moved->moved);
        self::assertGreaterThan(15.0, $crack->distanceTo($moved->cup));
        // Crazed all along: no place is left. Cracked but not drawn: no place can be called whole.
        $crazed = new Mark(MarkKind::Crack, Face::Front, [new Point(2, 130), new Point(70, 130)]);
        self::assertNull(EdgeState::of($seal, $phone, new Condition(
            [],
            [$crazed],
            [],
            [],
            [],
            true,
            false,
        ))?->cup);
        self::assertNull(EdgeState::of($seal, $phone, Condition::observed([Observation::CrackedGlass]))?->cup);
        self::assertNull(EdgeState::of($phone->bonds['sensor-glue'], $phone, Condition::observed([])));
    }

    public function testCrazedStretchesAreNamed(): void
    {
        $phone = Phones::read('quillon-vesper');
        $crack = new Mark(MarkKind::Crack, Face::Front, [new Point(30, 60), new Point(2, 110)]);
        $state = EdgeState::of($phone->bonds['seal'], $phone, new Condition(
            [],
            [$crack],
            [],
            [],
            [],
            true,
            false,
        ));
        self::assertNotNull($state);
        self::assertNotSame([], $state->crazed);
        foreach ($phone->bonds['seal']->cut->stretches ?? [] as $stretch) {
            self::assertSame(
                !$stretch->forbidden && $stretch->side === Side::Left && $stretch->to > 105,
                \in_array($stretch->id, $state->crazed, true),
                $stretch->id,
            );
        }
    }

    public function testAResultMustBelongToItsCheck(): void
    {
        $good = [
            'observations' => [],
            'marks' => [],
            'functions' => [],
            'repairSigns' => [],
            'takenOut' => [],
            'canSwitchOff' => true,
            'dataNeeded' => false,
            'payer' => 'insurer',
        ];
        $read = (new ConditionReader())->read($good + ['checks' => [['check' => 'ring', 'result' => 'silent']]]);
        self::assertSame(
            ['silent', null, 'insurer'],
            [$read->resultOf(Check::Ring), $read->resultOf(Check::Charge), $read->payer->value],
        );
        foreach (
            [
                'checks[0].result' => [['check' => 'ring', 'result' => 'blotches']],
                'checks' => [['check' => 'ring', 'result' => 'silent'], ['check' => 'ring', 'result' => 'rings']],
            ] as $path => $checks
        ) {
            try {
                (new ConditionReader())->read($good + ['checks' => $checks]);
                self::fail($path . ' was read');
            } catch (Unreadable $e) {
                self::assertSame($path, $e->faults[0]->path);
            }
        }
        self::assertSame('even', (new CheckResult(Check::LookAtAngle, 'even'))->result);
    }

    public function testEverySignOfAnEarlierRepairHasAConsequence(): void
    {
        foreach (RepairSign::cases() as $sign) {
            self::assertNotSame([], SignConsequence::of($sign), $sign->value);
        }
    }

    /** 3GPP TS 23.003, annex B: 49015420323751 has the check digit 8. */
    public function testImeiCheckDigit(): void
    {
        self::assertSame(8, Imei::checkDigit('49015420323751'));
        self::assertTrue(Imei::isValid('490154203237518'));
        self::assertFalse(Imei::isValid('490154203237517'));
        self::assertFalse(Imei::isValid('49015420323751'));
    }
}
