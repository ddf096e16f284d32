<?php

declare(strict_types=1);

namespace Facelift\Tests\Condition;

use Facelift\Anatomy\Face;
use Facelift\Condition\ConditionForms;
use Facelift\Condition\ConditionReader;
use Facelift\Condition\MarkKind;
use Facelift\Condition\Payer;
use PHPUnit\Framework\TestCase;

final class ConditionFormsTest extends TestCase
{
    private const FIRST = [
        'observations' => ['cracked-glass'],
        'cracks' => [['face' => 'front', 'points' => [['x' => 10, 'y' => 130.5], ['x' => 30, 'y' => 90]]]],
        'functions' => [], 'repairSigns' => [], 'takenOut' => [], 'canSwitchOff' => true, 'dataNeeded' => false,
    ];

    public function testCracksAloneBecomeMarks(): void
    {
        $condition = (new ConditionReader())->read((new ConditionForms())->forward(self::FIRST));
        self::assertCount(1, $condition->marks);
        self::assertSame([MarkKind::Crack, Face::Front], [$condition->marks[0]->kind, $condition->marks[0]->face]);
        self::assertSame(Payer::Customer, $condition->payer);
        self::assertSame([], $condition->checks);
    }

    public function testWhatIsOfTodayComesBackAsItIs(): void
    {
        $today = (new ConditionForms())->forward(self::FIRST);
        self::assertSame($today, (new ConditionForms())->forward($today));
    }
}
