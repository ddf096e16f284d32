<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;
use Facelift\Heat\Boundary;
use Facelift\Heat\Lane;
use Facelift\Heat\Source;
use Facelift\Heat\Wall;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LaneTest extends TestCase
{
    use TestTrait;

    /**
     * Four phone stacks on a plate, lifted, under hot air and resting: SciPy's solve_ivp (BDF, rtol 1e-8) on a mesh
     * three
     * times as fine. Made by core/tests/Heat/reference/generate.py; run `./facelift heat-reference` to make it anew.
     *
     * @param array<mixed> $stack
     */
    #[DataProvider('stacks')]
    public function testAgreesWithSciPyWithinAFifthOfAKelvin(array $stack): void
    {
        self::assertIsString($stack['phone']);
        self::assertIsString($stack['stack']);
        self::assertIsArray($stack['rows']);
        $layers = Phones::read($stack['phone'])->stacks[$stack['stack']];
        $lane = new Lane($layers, 22.0);
        // The reference's hot air, 45 W/m²K at 110 °C, as a surface of that temperature with that coefficient.
        $spans = [200 => Source::plate(85), 260 => null, 320 => Source::plate(110, 45.0), 420 => null];
        $clock = 0.0;
        $worst = 0.0;
        foreach ($spans as $end => $source) {
            $source === null ? $lane->rest() : $lane->heat($source);
            for (; $clock < $end - 1e-9; $clock += 10) {
                $lane->advance(10);
                $worst = max($worst, $this->apart($lane, $stack['rows'], $clock + 10, \count($layers)));
            }
        }
        self::assertLessThan(0.2, $worst, $stack['phone'] . ' ' . $stack['stack']);
        self::assertGreaterThan(0.0, $worst, 'something was compared');
    }

    /** @return iterable<string, array{array<mixed>}> */
    public static function stacks(): iterable
    {
        return self::kept('stacks');
    }

    /** @return iterable<string, array{array<mixed>}> */
    private static function kept(string $what): iterable
    {
        $reference = json_decode(
            (string) file_get_contents(__DIR__ . '/reference/reference.json'),
            true,
            16,
            \JSON_THROW_ON_ERROR,
        );
        \assert(\is_array($reference) && \is_array($reference[$what]));
        foreach ($reference[$what] as $stack) {
            \assert(\is_array($stack) && \is_string($stack['phone']) && \is_string($stack['stack']));
            yield $stack['phone'] . ' ' . $stack['stack'] => [$stack];
        }
    }

    /**
     * A bag of half a kilogram at 90 °C, against SciPy on cells of a twentieth of a millimetre, to a fifth of a
     * kelvin. On
     * the even grid of the other layers it came out up to four kelvin off.
     *
     * @param array<mixed> $stack
     */
    #[DataProvider('bags')]
    public function testABagAgreesWithSciPy(array $stack): void
    {
        self::assertIsString($stack['phone']);
        self::assertIsString($stack['stack']);
        self::assertIsArray($stack['rows']);
        $layers = Phones::read($stack['phone'])->stacks[$stack['stack']];
        $lane = new Lane($layers, 22.0);
        $lane->heat(Source::bagAt(0.5, 90));
        $worst = 0.0;
        for ($clock = 10; $clock <= 240; $clock += 10) {
            $lane->advance(10);
            $worst = max($worst, $this->apart($lane, $stack['rows'], $clock, \count($layers)));
        }
        self::assertLessThan(0.2, $worst, $stack['phone'] . ' ' . $stack['stack']);
        self::assertGreaterThan(0.0, $worst, 'something was compared');
    }

    /** @return iterable<string, array{array<mixed>}> */
    public static function bags(): iterable
    {
        return self::kept('bags');
    }

    /** @param array<mixed> $rows */
    private function apart(Lane $lane, array $rows, float $second, int $layers): float
    {
        $worst = 0.0;
        foreach ($rows as $row) {
            self::assertIsArray($row);
            self::assertIsArray($row['means']);
            if (is_numeric($row['second']) && abs((float) $row['second'] - $second) < 1e-6) {
                foreach ($row['means'] as $layer => $mean) {
                    self::assertTrue(is_numeric($mean) && \is_int($layer) && $layer < $layers);
                    $worst = max($worst, abs($lane->meanOf($layer) - (float) $mean));
                }

                return $worst;
            }
        }
        self::fail("no reference at $second s");
    }

    /** Heat in through both faces is heat held; for a source that holds its temperature and for air. */
    public function testEnergyIsKeptWhateverTheSteps(): void
    {
        $layers = Phones::read('quillon-vesper')->stacks['centre'];
        $this->limitTo(25)
            ->forAll(Generators::choose(40, 110), Generators::choose(25, 400), Generators::choose(5, 600))
            ->then(static function (int $set, int $contact, int $seconds) use ($layers): void {
                $lane = new Lane($layers, 22.0);
                $before = $lane->energy();
                $lane->heat(Source::plate((float) $set, (float) $contact));
                $lane->advance((float) $seconds);
                self::assertEqualsWithDelta(
                    $lane->energy() - $before,
                    $lane->taken(),
                    1e-6 * (1 + abs($lane->taken())),
                );
            });
    }

    public function testAHotterSourceIsNeverSlowerAndMoreMassNeverFaster(): void
    {
        $layers = Phones::read('brasca-fern-5')->stacks['edge-back'];
        $heavy = array_map(
            static fn(Layer $l): Layer => new Layer(
                $l->name,
                $l->role,
                $l->thickness,
                $l->conductivity,
                1.3 * $l->density,
                $l->specificHeat,
                $l->contact,
            ),
            $layers,
        );
        $this->limitTo(25)
            ->forAll(Generators::choose(40, 100), Generators::choose(1, 20), Generators::choose(10, 400))
            ->then(static function (int $set, int $more, int $seconds) use ($layers, $heavy): void {
                $reach = static function (array $stack, float $at) use ($seconds): float {
                    /** @var list<Layer> $stack */
                    $lane = new Lane($stack, 22.0);
                    $lane->heat(Source::plate($at));
                    $lane->advance((float) $seconds);

                    return $lane->meanOf(1);
                };
                self::assertGreaterThan($reach($layers, (float) $set), $reach($layers, (float) ($set + $more)));
                self::assertLessThanOrEqual($reach($layers, (float) $set) + 0.05, $reach($heavy, (float) $set));
            });
    }

    public function testABagCoolsWhileItLiesThereAndLeavesNothingBehind(): void
    {
        $layers = Phones::read('quillon-vesper')->stacks['edge'];
        $bag = new Lane($layers, 22.0);
        $bag->heat(Source::bagAt(0.5, 90));
        $plate = new Lane($layers, 22.0);
        $plate->heat(Source::plate(90, 110));
        $bag->advance(120);
        $plate->advance(120);
        self::assertLessThan(
            $plate->meanOf(2),
            $bag->meanOf(2),
            'a bag gives less than a surface that holds its temperature',
        );
        $warm = $bag->meanOf(2);
        $bag->rest();
        self::assertEqualsWithDelta($warm, $bag->meanOf(2), 1e-9);
        $bag->advance(3600);
        self::assertEqualsWithDelta(22.0, $bag->meanOf(2), 0.5);
    }

    /**
     * Halving a fixed step divides the error by about four: second order in time. Halving the cells likewise: second
     * order in space.
     */
    public function testOrderOfConvergence(): void
    {
        $layers = [
            new Layer(
                'a',
                LayerRole::Other,
                2,
                0.5,
                2000,
                1000,
                0,
            ),
            new Layer(
                'b',
                LayerRole::Other,
                3,
                5.0,
                1500,
                1200,
                0,
            ),
        ];
        $time = static function (float $step) use ($layers): float {
            $wall = new Wall($layers, 20);
            $stepper = $wall->stepper(new Boundary(200, 90), Boundary::stillAir(20), $step);
            $profile = $wall->at(20);
            for ($i = 0; $i < (int) round(64 / $step); ++$i) {
                $profile = $stepper->next($profile);
            }

            return $wall->meanOf(1, $profile);
        };
        $exact = $time(0.0625);
        $order = log(abs($time(4.0) - $exact) / abs($time(2.0) - $exact), 2);
        self::assertEqualsWithDelta(2.0, $order, 0.35, 'in time');
        // One layer, so that refining does not move the border between two materials.
        $space = static function (int $cells): float {
            $wall = new Wall([new Layer(
                'slab',
                LayerRole::Other,
                5,
                0.5,
                2000,
                1000,
                0,
            )], $cells);
            $stepper = $wall->stepper(new Boundary(200, 90), new Boundary(0, 0), 0.25);
            $profile = $wall->at(20);
            for ($i = 0; $i < 80; ++$i) {
                $profile = $stepper->next($profile);
            }

            return $wall->meanOf(0, $profile);
        };
        $fine = $space(320);
        self::assertEqualsWithDelta(2.0, log(abs($space(10) - $fine) / abs($space(20) - $fine), 2), 0.35, 'in space');
    }
}
