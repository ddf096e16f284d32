<?php

declare(strict_types=1);

namespace Facelift\Tests\Cut;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Stretch;
use Facelift\Condition\Condition;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\HeatBy;
use Facelift\Cut\Heating;
use Facelift\Cut\OpeningPlanner;
use Facelift\Cut\Pass;
use Facelift\Heat\Carried;
use Facelift\Heat\Lanes;
use Facelift\Heat\Source;
use Facelift\Heat\Stack;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is heated is what is cut. */
final class HeatedStretchTest extends TestCase
{
    private const PHONES = ['quillon-vesper', 'brasca-fern-5', 'quillon-hollin', 'tivane-anvil', 'maruvi-cobnut'];

    /** @return iterable<string, array{string, string, int}> */
    public static function bonds(): iterable
    {
        foreach (self::PHONES as $phone) {
            foreach (Phones::read($phone)->bonds as $bond) {
                if ($bond->cut !== null && $bond->warming !== null) {
                    yield "$phone {$bond->id}" => [$phone, $bond->id, crc32($phone . $bond->id)];
                }
            }
        }
    }

    #[DataProvider('bonds')]
    public function testNoMoreIsCutThanWasHeated(string $phone, string $bond, int $seed): void
    {
        $dice = new Dice($seed);
        $worked = 0;
        foreach ([40.0, 150.0, $dice->float(50, 300), $dice->float(50, 300)] as $covers) {
            $opening = self::opened($phone, $bond, Source::hotAir($dice->float(130, 175), 30, $covers));
            foreach (self::since($opening) as $mm) {
                self::assertLessThanOrEqual($covers + 1e-6, $mm, "$covers mm are heated at a time");
            }
            $worked += $opening->works() ? 1 : 0;
            if ($opening->works()) {
                self::assertEqualsWithDelta(self::whole($phone, $bond), array_sum(self::since($opening)), 1e-6);
            }
        }
        self::assertGreaterThan(0, $worked);
    }

    public function testAPlateHeatsAllRound(): void
    {
        $opening = self::opened('quillon-vesper', 'seal', Source::plate(85));
        self::assertCount(1, self::since($opening));
        self::assertEqualsWithDelta(self::whole('quillon-vesper', 'seal'), self::since($opening)[0], 1e-6);
    }

    public function testTheNextStretchIsCold(): void
    {
        $phone = Phones::read('quillon-vesper');
        $bond = $phone->bonds['seal'];
        $lanes = new Lanes(Stack::edgeOf($phone, $bond), Stack::centreOf($phone, $bond), Carried::nothing(22.0));
        $lanes->heat(Source::hotAir(150, 30, 150));
        $lanes->advance(120);
        $lanes->rest();
        $warm = $lanes->sample(0.0);
        $lanes->elsewhere();
        $next = $lanes->sample(0.0);
        self::assertGreaterThan(40.0, $warm->bond);
        self::assertEqualsWithDelta(22.0, $next->bond, 1e-9);
        self::assertEqualsWithDelta($warm->battery, $next->battery, 1e-9, 'the middle is the same');
    }

    /** A jet along the edge warms the middle less than a plate of the same heat at the edge. */
    public function testAirAlongTheEdgeSparesTheBattery(): void
    {
        $air = Source::hotAir(150, 30, 150);
        self::assertLessThan($air->mixed * $air->coefficient, $air->atCentre()->mixed * $air->atCentre()->coefficient);
        $plate = Source::plate(85);
        self::assertSame($plate, $plate->atCentre());
    }

    private static function opened(string $phone, string $bond, Source $source): EdgeOpening
    {
        $read = Phones::read($phone);

        return (new OpeningPlanner())->plan($read, $read->bonds[$bond], Condition::observed([]), new HeatBy($source));
    }

    /** @return list<float> mm that are cut at each place of the source */
    private static function since(EdgeOpening $opening): array
    {
        $cut = [0.0];
        foreach ($opening->moves as $move) {
            if ($move instanceof Heating && $move->elsewhere) {
                $cut[] = 0.0;
            } elseif ($move instanceof Pass) {
                $cut[\count($cut) - 1] += $move->way->stretch->length();
            }
        }

        return $cut;
    }

    private static function whole(string $phone, string $bond): float
    {
        $cut = array_filter(Phones::read($phone)->bonds, static fn(Bond $b): bool => $b->id === $bond)[$bond]->cut;
        $free = array_filter($cut->stretches ?? [], static fn(Stretch $s): bool => !$s->forbidden);

        return array_sum(array_map(static fn(Stretch $s): float => $s->length(), $free));
    }
}
