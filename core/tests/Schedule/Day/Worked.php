<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule\Day;

use Facelift\Schedule\Day\Laid;
use PHPUnit\Framework\Assert;

/** That a day can be worked as it was laid out, looked at second by second where anything begins. */
final readonly class Worked
{
    public static function assert(Laid $laid): void
    {
        $day = $laid->day;
        $hands = $held = [];
        foreach ($day->held as $kind => $spans) {
            $held[$kind] = $spans;
        }
        foreach ($day->tasks as $j => $task) {
            Assert::assertSame(array_keys($task->works), array_keys($laid->starts[$j]), 'every block once');
            foreach ($task->works as $k => $work) {
                $start = $laid->starts[$j][$k];
                $person = $laid->persons[$j][$k];
                Assert::assertArrayHasKey($person, $work->shapes, 'who does it may');
                $shape = $work->shapes[$person];
                $own = $k === 0 && $task->begun !== null;
                Assert::assertGreaterThanOrEqual($k === 0 ? $task->release : $laid->over($j, $k - 1), $start);
                if ($own) {
                    Assert::assertSame([$task->release, $task->begun], [$start, $person], 'what is under way stays');
                } else {
                    $there = $day->presence[$person]->fits($start, $shape->hold);
                    Assert::assertSame($start, $there, 'somebody is there');
                }
                if ($k > 0 && $task->works[$k - 1]->within === 0) {
                    Assert::assertSame($laid->over($j, $k - 1), $start, 'at once');
                }
                $hands[$person][] = [$start, $start + $shape->hold];
                foreach ($shape->uses as $use) {
                    $to = $use->through ? $laid->over($j, $k) : $start + $use->to;
                    $held[$use->kind][] = [$start + $use->from, $to];
                }
            }
        }
        foreach ($hands as $spans) {
            Assert::assertLessThanOrEqual(1, self::most($spans), 'two hands are one pair');
        }
        foreach ($day->equipment as $kind => $count) {
            $given = \count($day->held[$kind] ?? []);
            Assert::assertLessThanOrEqual(max($count, $given), self::most($held[$kind] ?? []), $kind);
        }
    }

    /** @param list<array{int, int}> $spans */
    private static function most(array $spans): int
    {
        $most = 0;
        foreach ($spans as [$at, $end]) {
            $going = array_filter($spans, static fn(array $s): bool => $s[0] <= $at && $s[1] > $at && $at < $end);
            $most = max($most, \count($going));
        }

        return $most;
    }
}
