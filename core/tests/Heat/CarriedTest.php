<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Cut\HeatBy;
use Facelift\Cut\OpeningPlanner;
use Facelift\Heat\Carried;
use Facelift\Heat\Curves;
use Facelift\Heat\Lanes;
use Facelift\Heat\Programme;
use Facelift\Heat\Sample;
use Facelift\Heat\Source;
use Facelift\Heat\Stack;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** One phone, one history of its temperature, whatever is opened first and whatever is gone by then. */
final class CarriedTest extends TestCase
{
    /**
     * A Fern 5 on its back for 200 s at 85 °C, the back cover off after 60 s, its front heated after 120 s more: one
     * run of SciPy's BDF through the stack as it changes (core/tests/Heat/reference/generate.py).
     */
    public function testAgreesWithOneLongRunOfSciPy(): void
    {
        $phone = Phones::read('brasca-fern-5');
        $back = $phone->bonds['back-seal'];
        $programme = Programme::empty()->heat(200, Source::plate(85))->rest(60);
        $carried = Curves::of($phone, $back)->carried($programme)->lifted(Stack::edgeOf($phone, $back));
        $front = Stack::centreOf($phone, $phone->bonds['display-tape']);
        $history = self::history();
        $left = array_map(static fn(Layer $l): string => $l->name, $carried->left($front)->layers);
        self::assertSame($history['names'], $left);

        $lanes = new Lanes(Stack::edgeOf($phone, $phone->bonds['display-tape']), $front, $carried);
        $worst = 0.0;
        foreach ($history['rows'] as $row) {
            if ($row['second'] === 120.0) {
                $lanes->heat(Source::plate(85));
            } elseif ($row['second'] === 270.0) {
                $lanes->rest();
            }
            foreach (array_values($lanes->centreByName()) as $layer => $cells) {
                $worst = max($worst, abs(array_sum($cells) / \count($cells) - $row['means'][$layer]));
            }
            $lanes->advance(10.0);
        }
        self::assertGreaterThan(0.0, $worst, 'something was compared');
        self::assertLessThan(0.3, $worst);
    }

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testNoBatteryPassesItsLimitThroughTheWholeJob(string $id, K $kind): void
    {
        $phone = Phones::read($id);
        $route = Phones::plan($id, $kind)->route->ids();
        $cut = array_filter(
            array_intersect_key($phone->bonds, array_flip($route)),
            static fn(Bond $b): bool => $b->cut !== null,
        );
        $checked = [];
        foreach ([75.0, 85.0, 95.0] as $set) {
            $request = new Request($phone, $phone->replacement($kind), Condition::observed([]), Source::plate($set));
            foreach ((new Planner())->plan($request)->sealing->openings as $bond => $opening) {
                $hottest = array_reduce($opening->samples, static fn(float $m, Sample $s) => max($m, $s->battery), 0.0);
                self::assertLessThan(60.0, $hottest, "$id {$kind->value} $bond at $set");
                $checked[] = $bond;
            }
        }
        self::assertEqualsCanonicalizing(array_keys($cut), array_values(array_unique($checked)));
        self::assertCount(3 * \count($cut), $checked);
    }

    /** Reckoned from cold, the second bond of a Fern 5 takes fewer heatings than it really does. */
    public function testASecondBondStartsWarm(): void
    {
        $phone = Phones::read('brasca-fern-5');
        [$back, $front] = array_values(Phones::plan('brasca-fern-5', K::DisplayAssembly)->sealing->openings);
        self::assertEqualsWithDelta(22.0, $back->samples[0]->battery, 1e-6);
        self::assertGreaterThan(30.0, $front->samples[0]->battery);
        $cold = (new OpeningPlanner())->plan(
            $phone,
            $phone->bonds['display-tape'],
            Condition::observed([]),
            new HeatBy(Source::plate(85)),
        );
        self::assertLessThan($front->heatings(), $cold->heatings());
    }

    public function testABatteryThatIsOutIsNoLayer(): void
    {
        $phone = Phones::read('tivane-quire');
        $stack = Stack::centreOf($phone, $phone->bonds['display-glue']);
        $battery = array_filter($phone->parts, static fn($p): bool => $p->kind->value === 'battery');
        $carried = Carried::nothing(22.0)->takenOut(array_values($battery)[0]);
        self::assertNotNull($stack->layer(LayerRole::Battery));
        self::assertNull($carried->left($stack)->layer(LayerRole::Battery));
        self::assertSame($stack->layers, Carried::nothing(22.0)->left($stack)->layers);
    }

    public function testAPhoneThatHasLainLongEnoughIsColdAgain(): void
    {
        $phone = Phones::read('brasca-fern-5');
        $bond = $phone->bonds['back-seal'];
        $programme = Programme::empty()->heat(200, Source::plate(85))->rest(3600);
        $carried = Curves::of($phone, $bond)->carried($programme);
        $cold = Curves::of($phone, $bond)->run(Programme::empty()->heat(120, Source::plate(85)));
        $again = Curves::after($carried, $phone, $bond)->run(Programme::empty()->heat(120, Source::plate(85)));
        self::assertEqualsWithDelta($cold[60]->bond, $again[60]->bond, 0.3);
        self::assertEqualsWithDelta($cold[60]->battery, $again[60]->battery, 0.3);
    }

    /** @return array{names: list<string>, rows: list<array{second: float, means: list<float>}>} */
    private static function history(): array
    {
        $file = (string) file_get_contents(__DIR__ . '/reference/reference.json');
        $reference = json_decode($file, true, 16, \JSON_THROW_ON_ERROR);
        \assert(\is_array($reference));

        /** @var array{names: list<string>, rows: list<array{second: float, means: list<float>}>} */
        return $reference['history'];
    }
}
