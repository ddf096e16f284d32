<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule;

use Facelift\Document\Unreadable;
use Facelift\Schedule\Day\Effort;
use Facelift\Schedule\Day\Planner;
use Facelift\Schedule\DayReader;
use PHPUnit\Framework\TestCase;

final class DayReaderTest extends TestCase
{
    public function testADayIsRead(): void
    {
        $day = (new DayReader())->read(self::day());
        self::assertSame(OpeningHoursTest::ms('2026-11-26 10:00'), $day->now);
        self::assertSame(4, $day->size(), 'what follows at once is one block');
        $planned = (new Planner())->plan($day, Effort::thorough());
        // By hand: 1770 s of the first, then 1530 of the other while the first is clamped for 1200; both are tested.
        self::assertSame(['T-0001' => 3600, 'T-0002' => 4800], $planned->laid->ready());
        self::assertTrue($planned->proven);
    }

    public function testEveryFaultIsNamedByItsPlace(): void
    {
        $day = self::day();
        $day['now'] = 'ten o’clock';
        $day['people'][0]['rights'] = ['magic'];
        $day['phones'][1]['tag'] = 'T-0001';
        $day['phones'][1]['pieces'] = [['step' => 'open', 'hands' => -1]];
        $day['colour'] = 'red';
        try {
            (new DayReader())->read($day);
            self::fail('it was read');
        } catch (Unreadable $e) {
            $places = array_map(static fn($f): string => $f->path, $e->faults);
            foreach (['now', 'people[0].rights[0]', 'phones[1].tag', 'phones[1].pieces[0].hands', 'colour'] as $place) {
                self::assertContains($place, $places);
            }
        }
    }

    /** @return array{now: string, people: list<array<string, mixed>>, phones: list<array<string, mixed>>, ...} */
    public static function day(): array
    {
        $closing = [
            ['step' => 'clamp', 'hands' => 30, 'off' => 1200, 'equipment' => 'clamp-set'],
            ['step' => 'test', 'hands' => 300],
        ];
        $opening = ['step' => 'open', 'hands' => 1500, 'within' => 0];
        $heat = [
            'step' => 'heat', 'hands' => 60, 'off' => 180, 'equipment' => 'plate', 'within' => 0,
        ];

        return [
            'format' => 'facelift-day',
            'version' => 1,
            'now' => '2026-11-26T10:00:00+01:00',
            'zone' => 'Europe/Berlin',
            'week' => [['day' => 4, 'open' => ['09:00–13:00', '14:00–18:30']], ['day' => 5, 'open' => ['09:00–13:00']]],
            'people' => [['person' => 'Ada', 'rights' => ['uv'], 'pace' => 1]],
            'equipment' => [
                'plate' => 1, 'hot-air' => 1, 'grain-bag' => 2, 'clamp-set' => 1, 'charger' => 3, 'uv-lamp' => 1,
            ],
            'phones' => [
                ['tag' => 'T-0001', 'due' => '2026-11-26T11:30:00+01:00', 'pieces' => [$heat, $opening, ...$closing]],
                ['tag' => 'T-0002', 'due' => '2026-11-26T12:00:00+01:00', 'pieces' => [$opening, ...$closing]],
            ],
        ];
    }
}
