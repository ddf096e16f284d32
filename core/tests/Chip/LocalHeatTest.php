<?php

declare(strict_types=1);

namespace Facelift\Tests\Chip;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\MemoryChip;
use Facelift\Chip\Jet;
use Facelift\Chip\LocalHeat;
use Facelift\Chip\Rings;
use Facelift\Chip\RingSolver;
use Facelift\Chip\Spot;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LocalHeatTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{bool, float, float, list<array{bool, int}>, list<list<float>>}> */
    public static function cases(): iterable
    {
        $file = (string) file_get_contents(__DIR__ . '/reference/reference.json');
        /** @var array{cases: list<array{
         *     shielded: bool, air: float, film: float, spans: list<array{bool, int}>, rows: list<list<float>>
         * }>} $read
         */
        $read = json_decode($file, true, 16, \JSON_THROW_ON_ERROR);
        foreach ($read['cases'] as $c) {
            $name = \sprintf('%s, %.0f °C', $c['shielded'] ? 'shielded' : 'bare', $c['air']);
            yield $name => [$c['shielded'], $c['air'], $c['film'], $c['spans'], $c['rows']];
        }
    }

    /**
     * SciPy's BDF on rings three times as fine (core/tests/Chip/reference/generate.py), within 2 K while the air is on
     * and after it.
     *
     * @param list<array{bool, int}> $spans
     * @param list<list<float>>      $rows
     */
    #[DataProvider('cases')]
    public function testAgreesWithAnIndependentSolution(
        bool $shielded,
        float $air,
        float $film,
        array $spans,
        array $rows,
    ): void {
        $spot = Spot::of(self::chip(), $shielded);
        $heat = new LocalHeat($spot, 22.0);
        foreach ($spans as $i => [$on, $seconds]) {
            $heat->run($on ? new Jet($air, 5.0, $film) : null, $seconds);
            [$second, $solder, $behind, $beside] = $rows[$i];
            self::assertEqualsWithDelta($second, $heat->second(), 1e-9);
            self::assertEqualsWithDelta($solder, $heat->solder(), 2.0, "solder after $second s");
            self::assertEqualsWithDelta($behind, $heat->behind(), 2.0, "behind after $second s");
            self::assertEqualsWithDelta($beside, $heat->panelAt($spot->beside), 2.0, "beside after $second s");
        }
    }

    /**
     * A wide thin fin at rest, heated in the middle: θ(r) goes by K₀(mr), m = √(h/kd). K₀(1) = 0.42102, K₀(2) = 0.11389
     * and K₀(3) = 0.03474 (Abramowitz & Stegun, table 9.8, from memory; SciPy's k0 gives the same).
     */
    public function testAFinAtRestFallsAsBesselSays(): void
    {
        [$film, $spreads] = [10.0, 9e-4];
        $m = sqrt($film / $spreads);
        $rings = new Rings(1e-4, 0.04, 0.12, 1.05);
        $rows = $flow = [];
        foreach ($rings->areas as $i => $area) {
            $own = $area * $film + $spreads * (($rings->links[$i] ?? 0.0) + ($rings->links[$i - 1] ?? 0.0));
            $link = -$spreads * ($rings->links[$i] ?? 0.0);
            $rows[] = [[$own, 0.0, 0.0, $own], [$link, $link]];
            $flow[] = [$rings->within($i, 0.002) * $area, 0.0];
        }
        $solved = (new RingSolver($rows))->solve($flow);
        $at = static function (float $r) use ($rings, $solved): float {
            $i = 0;
            while ($rings->middles[$i + 1] < $r) {
                ++$i;
            }
            $share = ($r - $rings->middles[$i]) / ($rings->middles[$i + 1] - $rings->middles[$i]);

            return $solved[$i][0] + $share * ($solved[$i + 1][0] - $solved[$i][0]);
        };
        self::assertEqualsWithDelta(0.11389 / 0.42102, $at(2 / $m) / $at(1 / $m), 0.002);
        self::assertEqualsWithDelta(0.03474 / 0.42102, $at(3 / $m) / $at(1 / $m), 0.002);
        self::assertEqualsWithDelta(0.0, $solved[10][1], 1e-12, 'a sheet that nothing heats stays as it is');
    }

    /** Hotter air leaves nothing colder, and what lies between keeps the panel cooler at any moment. */
    public function testHotterIsNeverColderAndAShieldShields(): void
    {
        $this->limitTo(25)->forAll(
            Generators::choose(150, 300),
            Generators::choose(1, 60),
            Generators::choose(1, 90),
        )->then(static function (int $set, int $more, int $seconds): void {
            $run = static function (bool $shielded, float $air) use ($seconds): LocalHeat {
                $heat = new LocalHeat(Spot::of(self::chip(), $shielded), 22.0, 0.5);
                $heat->run(new Jet($air), $seconds, 1.0);

                return $heat;
            };
            [$bare, $hotter, $shielded] = [$run(false, $set), $run(false, $set + $more), $run(true, $set)];
            self::assertGreaterThan($bare->solder(), $hotter->solder());
            self::assertGreaterThan($bare->behind(), $hotter->behind());
            self::assertLessThan($bare->behind(), $shielded->behind());
            self::assertLessThan($set, $bare->solder());
            self::assertGreaterThan(22.0, $shielded->panelAt(20.0));
        });
    }

    /** With the air off everything goes back to the room, and no warmth comes from nowhere. */
    public function testCoolsToTheRoom(): void
    {
        $heat = new LocalHeat(Spot::of(self::chip(), false), 22.0);
        $heat->run(new Jet(295.0), 30.0);
        $before = $heat->energy();
        $heat->run(null, 20.0);
        self::assertLessThan($before, $heat->energy());
        $heat->run(null, 1200.0, 10.0);
        self::assertEqualsWithDelta(22.0, $heat->behind(), 0.5);
        self::assertEqualsWithDelta(22.0, $heat->solder(), 0.5);
    }

    private static function chip(): MemoryChip
    {
        return Phones::read('quillon-vesper')->panel->data->chip ?? throw new \LogicException('no chip');
    }
}
