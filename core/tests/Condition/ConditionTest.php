<?php

declare(strict_types=1);

namespace Facelift\Tests\Condition;

use Facelift\Anatomy\Face;
use Facelift\Condition\Condition;
use Facelift\Condition\ConditionReader;
use Facelift\Condition\Crack;
use Facelift\Condition\Imei;
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
        $condition = new Condition([], [new Crack(Face::Front, [new Point(30, 60), new Point(2, 110)])], [], [], [], true, false);
        self::assertTrue($condition->crazedAlong($glass, Face::Front, Side::Left, 73, 146));
        self::assertFalse($condition->crazedAlong($glass, Face::Front, Side::Left, 0, 60));
        self::assertFalse($condition->crazedAlong($glass, Face::Front, Side::Right, 0, 146));
        self::assertFalse($condition->crazedAlong($glass, Face::Back, Side::Left, 73, 146));
        self::assertTrue($condition->glassBroken(Face::Front));
        self::assertFalse($condition->glassBroken(Face::Back));
    }

    public function testReadsWhatCheckInSends(): void
    {
        $read = (new ConditionReader())->read(['observations' => ['lines'], 'cracks' => [], 'functions' => [['function' => 'image', 'state' => 'fails']], 'repairSigns' => ['liquid-glue'], 'takenOut' => ['sim-tray'], 'canSwitchOff' => false, 'dataNeeded' => true]);
        self::assertTrue($read->bondIsForeign());
        self::assertFalse($read->canSwitchOff);
    }

    public function testRefusesACrackOfOnePointWithItsPath(): void
    {
        try {
            (new ConditionReader())->read(['observations' => ['scratch'], 'cracks' => [['face' => 'front', 'points' => [['x' => 1, 'y' => 1]]]], 'functions' => [], 'repairSigns' => [], 'takenOut' => []]);
            self::fail('it was read');
        } catch (Unreadable $e) {
            self::assertSame(['observations[0]', 'cracks[0].points'], array_map(static fn($f): string => $f->path, $e->faults));
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
