<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule\Day;

use Facelift\Schedule\Day\Bound;
use Facelift\Schedule\Day\Exact;
use Facelift\Schedule\Day\Search;
use Facelift\Schedule\Day\Value;
use Facelift\Tests\Dice;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Sixty small days against an independent model of them (`day.mzn`), solved by minizinc with gecode. */
#[Group('long')]
final class AgainstConstraintSolverTest extends TestCase
{
    private const DAYS = 60;
    /** as `day.mzn` weighs a second late against one of finishing */
    private const LATE = 10_000;

    public function testTheExactOneFindsTheSameAndTheSearchIsNear(): void
    {
        $worse = [];
        for ($seed = 1; $seed <= self::DAYS; ++$seed) {
            $day = MadeDay::small(new Dice($seed), 3 + $seed % 2);
            $best = self::solved(MadeDay::asData($day));
            $found = (new Search($day))->best(400);
            Worked::assert($found);
            [$exact, $proven] = Exact::from($found, 50_000);
            Worked::assert($exact);
            self::assertTrue($proven, "day $seed");
            self::assertSame($best, self::number($exact->value()), "day $seed");
            $bound = new Bound($day);
            self::assertLessThanOrEqual($exact->value()->late, $bound->late(), "day $seed");
            self::assertLessThanOrEqual($exact->value()->finished, $bound->finished(), "day $seed");
            $worse[] = self::number($found->value()) / $best - 1;
        }
        sort($worse);
        self::assertLessThanOrEqual(0.02, $worse[intdiv(self::DAYS, 2)]);
        self::assertLessThanOrEqual(0.05, $worse[intdiv(self::DAYS * 3, 4)], 'three in four');
    }

    private static function number(Value $value): int
    {
        return self::LATE * $value->late + $value->finished;
    }

    private static function solved(string $data): int
    {
        $command = ['minizinc', '--solver', 'gecode', __DIR__ . '/day.mzn', '--cmdline-data', $data];
        $process = proc_open($command, [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
        self::assertIsResource($process);
        $said = stream_get_contents($pipes[1]);
        fclose($pipes[1]);
        self::assertSame(0, proc_close($process));
        self::assertMatchesRegularExpression('/^\d+\n-+\n=+\n$/D', (string) $said, 'proven to be the best');

        return (int) $said;
    }
}
