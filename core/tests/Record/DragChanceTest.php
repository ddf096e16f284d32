<?php

declare(strict_types=1);

namespace Facelift\Tests\Record;

use Facelift\Record\DragChance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DragChanceTest extends TestCase
{
    /** Where nothing may be off, it is the logistic function itself. */
    public function testWithoutAnErrorItIsLogistic(): void
    {
        foreach ([-6.0, -1.0, 0.0, 2.0, 9.0] as $inside) {
            self::assertEqualsWithDelta(1 / (1 + exp($inside / 2)), DragChance::of($inside, 0.0), 1e-12);
        }
    }

    /** Integrals by SciPy's quad, from −10 to 10 standard deviations. */
    #[DataProvider('integrals')]
    public function testItIsTheMeanOverEveryErrorThatThereMayBe(float $inside, float $off, float $mean): void
    {
        self::assertEqualsWithDelta($mean, DragChance::of($inside, $off), 2e-4);
    }

    /** @return list<array{float, float, float}> */
    public static function integrals(): array
    {
        return [
            [0.0, 3.0, 0.5],
            [5.0, 2.0, 0.105362117],
            [-4.0, 3.0, 0.809946503],
            [10.0, 5.0, 0.052256429],
            [3.0, 0.5, 0.185349372],
        ];
    }

    /** The less is known, the nearer to even; the hotter, the less likely. */
    public function testItFallsWithTheHeatAndFlattensWithTheError(): void
    {
        for ($off = 0.0; $off < 8.0; $off += 0.5) {
            for ($inside = -12.0; $inside < 12.0; $inside += 1.0) {
                self::assertGreaterThan(DragChance::of($inside + 1.0, $off), DragChance::of($inside, $off));
                $even = abs(DragChance::of($inside, $off) - 0.5);
                self::assertGreaterThanOrEqual(abs(DragChance::of($inside, $off + 0.5) - 0.5) - 1e-4, $even);
            }
        }
    }
}
