<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Heat\Carried;
use Facelift\Heat\HoldAt;
use Facelift\Heat\Lanes;
use Facelift\Heat\Sample;
use Facelift\Heat\Source;
use Facelift\Heat\Stack;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The edge is a ring of stretches: a plate heats them all, a gun the one it goes along, the others cool. */
final class RingTest extends TestCase
{
    private const ROOM = 22.0;
    /** As in `reference/generate.py`: s, and the stretch that the gun is at; none for nowhere. */
    private const TURNS = [[40, 0], [30, 1], [20, 1], [60, 2], [40, null]];

    /** SciPy's BDF for each of three stretches (core/tests/Heat/reference/generate.py). */
    #[TestWith([0, 'quillon-vesper', 'seal'])]
    #[TestWith([1, 'maruvi-sorrel', 'bezel-glue'])]
    public function testAgreesWithSciPy(int $ring, string $phone, string $bond): void
    {
        $lanes = self::lanes($phone, $bond);
        $gun = Source::hotAir(150, 30, 100);
        $stretches = self::reference($ring);
        $hand = 0;
        $worst = 0.0;
        $compared = 0;
        $follow = static function (
            int $seconds,
            int $from,
        ) use ($lanes, $stretches, &$hand, &$worst, &$compared): void {
            for ($s = 0; $s < $seconds; $s += 10) {
                $lanes->advance(10.0);
                $row = $stretches[$hand][intdiv($from + $s, 10) + 1];
                foreach ($lanes->inHand() as $layer => $cells) {
                    $worst = max($worst, abs(array_sum($cells) / \count($cells) - $row[$layer]));
                    ++$compared;
                }
            }
        };
        $lanes->heat(Source::plate(95));
        $follow(120, 0);
        $clock = 120;
        foreach (self::TURNS as [$seconds, $at]) {
            if ($at === null) {
                $lanes->rest();
            } elseif ($at === $hand) {
                $lanes->heat($gun);
            } elseif ($hand === 0) {
                // It goes ahead while the first is still in hand.
                $lanes->keep($gun, HoldAt::Ahead);
                $follow($seconds, $clock);
                $lanes->elsewhere();
                $clock += $seconds;
                $hand = 1;
                continue;
            } else {
                $lanes->elsewhere();
                $hand = $at;
                $lanes->heat($gun);
            }
            $follow($seconds, $clock);
            $clock += $seconds;
        }
        self::assertGreaterThan(100, $compared);
        self::assertLessThan(0.3, $worst);
    }

    /** Conduction is linear: what plate and gun do together is the sum of what either does above the room. */
    #[TestWith(['quillon-vesper', 'seal'])]
    #[TestWith(['brasca-fern-5', 'back-seal'])]
    public function testTwoSourcesAreTheSumOfEither(string $phone, string $bond): void
    {
        $dice = new Dice(crc32($phone));
        for ($i = 0; $i < 6; ++$i) {
            [$plate, $gun] = [$dice->float(60, 110), $dice->float(80, 170)];
            $spans = array_map(static fn(): float => $dice->float(5, 120), range(1, 4));
            $both = self::course(
                $phone,
                $bond,
                $plate,
                $gun,
                $spans,
            );
            // The plate's coldest and the gun's are not the room's: three runs tell the two shares apart.
            $base = self::course(
                $phone,
                $bond,
                40.0,
                50.0,
                $spans,
            );
            $hotPlate = self::course(
                $phone,
                $bond,
                100.0,
                50.0,
                $spans,
            );
            $hotGun = self::course(
                $phone,
                $bond,
                40.0,
                150.0,
                $spans,
            );
            foreach (array_keys($both) as $k) {
                foreach (['bond', 'battery', 'outerFace'] as $where) {
                    $sum = $base[$k]->$where
                        + ($hotPlate[$k]->$where - $base[$k]->$where) / 60 * ($plate - 40)
                        + ($hotGun[$k]->$where - $base[$k]->$where) / 100 * ($gun - 50);
                    self::assertEqualsWithDelta($both[$k]->$where, $sum, 0.1, "$where, part $k");
                }
            }
        }
    }

    public function testWhatIsNotInHandCoolsFromWhatThePlateGaveIt(): void
    {
        $lanes = self::lanes('quillon-vesper', 'seal');
        $lanes->heat(Source::plate(95));
        $lanes->advance(120);
        $lanes->rest();
        $lone = self::lanes('quillon-vesper', 'seal');
        $lone->heat(Source::plate(95));
        $lone->advance(120);
        $lone->rest();
        $lanes->heat(Source::hotAir(150, 30, 100));
        $lanes->advance(60);
        $lone->advance(60);
        self::assertGreaterThan($lone->bond() + 5, $lanes->bond());
        self::assertEqualsWithDelta($lone->bond(), $lanes->bondAhead(), 0.1);
        $lanes->elsewhere();
        self::assertEqualsWithDelta($lone->bond(), $lanes->bond(), 0.1);
    }

    /**
     * @param list<float> $spans s on the plate, at rest, under the gun, at rest
     *
     * @return list<Sample> at the end of each
     */
    private static function course(
        string $phone,
        string $bond,
        float $plate,
        float $gun,
        array $spans,
    ): array {
        $lanes = self::lanes($phone, $bond);
        $samples = [];
        foreach ([Source::plate($plate), null, Source::hotAir($gun, 30, 100), null] as $i => $source) {
            $source === null ? $lanes->rest() : $lanes->heat($source);
            // In steps of one length: the error of each run is then the same.
            for ($s = 0.0; $s < $spans[$i]; $s += 0.5) {
                $lanes->advance(min(0.5, $spans[$i] - $s));
            }
            $samples[] = $lanes->sample(0.0);
        }

        return $samples;
    }

    private static function lanes(string $phone, string $bond): Lanes
    {
        $read = Phones::read($phone);

        return new Lanes(
            Stack::edgeOf($read, $read->bonds[$bond]),
            Stack::centreOf($read, $read->bonds[$bond]),
            Carried::nothing(self::ROOM),
        );
    }

    /** @return list<list<list<float>>> by stretch, every ten seconds, the means of the layers */
    private static function reference(int $ring): array
    {
        $file = (string) file_get_contents(__DIR__ . '/reference/reference.json');
        /** @var array{rings: list<array{stretches: list<list<array{second: float, means: list<float>}>>}>} $all */
        $all = json_decode($file, true, 16, \JSON_THROW_ON_ERROR);

        return array_map(
            static fn(array $rows): array => array_map(static fn(array $row): array => $row['means'], $rows),
            $all['rings'][$ring]['stretches'],
        );
    }
}
