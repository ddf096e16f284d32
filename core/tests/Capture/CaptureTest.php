<?php

declare(strict_types=1);

namespace Facelift\Tests\Capture;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\Rests;
use Facelift\Capture\Capture;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind as What;
use Facelift\Document\Unreadable;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class CaptureTest extends TestCase
{
    use TestTrait;

    public function testScrewsThatAreMetComeOutBeforeWhatTheyHold(): void
    {
        $more = self::said(
            What::MoreScrews,
            name: 'Hidden screws',
            under: ['bracket'],
            count: 2,
            driver: 'T5',
            length: 2.4,
        );
        $phone = self::phone($more);
        $id = $more->makes();
        self::assertSame(2, $phone->fasteners[$id]->count());
        self::assertSame(2.4, $phone->fasteners[$id]->length);
        self::assertSame(Rests::Measured, $phone->footing->of($id));
        $steps = array_keys(Phones::planFor($phone)->steps);
        $at = static fn(string $step): int => (int) array_search($step, $steps, true);
        self::assertLessThan($at('lift-part:bracket'), $at('unscrew:' . $id));
        self::assertContains('screw-in:' . $id, $steps, 'and back in');
    }

    public function testACoverThatIsMetLiesOverThePlugs(): void
    {
        $cover = self::said(What::MoreCover, name: 'Inner cover', under: ['display-plug', 'touch-plug']);
        $screws = self::said(
            What::MoreScrews,
            name: 'Its screws',
            under: [$cover->makes()],
            count: 3,
            at: 2,
        );
        $steps = array_keys(Phones::planFor(self::phone($cover, $screws))->steps);
        $at = static fn(string $step): int => (int) array_search($step, $steps, true);
        self::assertGreaterThan($at('lift-part:bracket'), $at('lift-part:' . $cover->makes()));
        self::assertGreaterThan($at('unscrew:' . $screws->makes()), $at('lift-part:' . $cover->makes()));
        self::assertLessThan($at('unplug:display-plug'), $at('lift-part:' . $cover->makes()));
    }

    public function testAPlugThatIsMetComesOffAfterTheBattery(): void
    {
        $plug = self::said(What::MorePlug, name: 'Antenna plug', under: ['earpiece-flex']);
        $phone = self::phone($plug);
        self::assertSame(['earpiece-flex', 'main-board'], $phone->connectors[$plug->makes()]->joins);
        $steps = array_keys(Phones::planFor($phone)->steps);
        $at = static fn(string $step): int => (int) array_search($step, $steps, true);
        self::assertGreaterThan($at('unplug:battery-plug'), $at('unplug:' . $plug->makes()));
    }

    public function testWhatIsNotThereGoesWithAllThatHangsOnIt(): void
    {
        $phone = self::phone(self::said(What::NotThere, of: 'bracket'));
        self::assertArrayNotHasKey('bracket', $phone->parts);
        self::assertArrayNotHasKey('bracket-short', $phone->fasteners, 'they held nothing else');
        self::assertSame([], $phone->connectors['display-plug']->after);
        self::assertNotContains('lift-part:bracket', array_keys(Phones::planFor($phone)->steps));
    }

    public function testCountedScrewsAreAsManyAndNoLongerARange(): void
    {
        $phone = self::phone(self::said(What::ScrewsCounted, of: 'bracket-short', count: 5, length: 1.4));
        self::assertSame(5, $phone->fasteners['bracket-short']->count());
        self::assertSame(Rests::Measured, $phone->footing->of('bracket-short'));
        $range = $phone->footing->screwsOf($phone->fasteners['bracket-short']);
        self::assertSame([5, 5], [$range->fewest, $range->most]);
    }

    public function testScrewsThatNobodyTappedLieOnThePhoneEachInItsPlace(): void
    {
        foreach ([4, 12, 30] as $count) {
            $phone = self::phone(self::said(What::ScrewsCounted, of: 'tail-screws', count: $count));
            $places = $phone->fasteners['tail-screws']->places;
            self::assertCount($count, $places);
            self::assertCount($count, array_unique(array_map(static fn($p): string => $p->x . ' ' . $p->y, $places)));
        }
    }

    public function testWhatThePhoneCannotBeWithoutIsNotStruckOut(): void
    {
        $this->expectException(Unreadable::class);
        $base = Phones::provisional();
        (new Capture($base))->after($base, self::said(What::NotThere, of: 'battery-plug'));
    }

    /** Whichever way it arrives, and however often, it comes to the same file; no screw is lost on the way. */
    public function testAnyOrderAndRepetitionGivesTheSameFile(): void
    {
        $this->limitTo(80)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            $dice = new Dice($seed);
            $said = [];
            for ($i = 0; $i < $dice->int(1, 8); ++$i) {
                $said[] = self::madeUp($dice, $i);
            }
            $file = (new Capture(Phones::provisional()))->of($said);
            $again = (new Capture(Phones::provisional()))->of($dice->shuffled([...$said, $said[0]]));
            self::assertSame($file, $again);
            $phone = (new PhoneReader())->read($file);
            foreach ($said as $one) {
                $group = $phone->fasteners[$one->makes()] ?? null;
                if ($one->kind === What::MoreScrews && $group !== null) {
                    self::assertSame($one->count, $group->count());
                }
            }
        });
    }

    private static function madeUp(Dice $dice, int $at): Captured
    {
        $kind = $dice->pick([What::MoreScrews, What::MoreCover, What::MorePlug, What::ScrewsCounted, What::NotThere]);
        $places = $dice->chance(50) ? [[round($dice->float(8, 60), 1), round($dice->float(8, 130), 1)]] : [];

        return new Captured(
            \sprintf('%08x-0000-4000-8000-%012x', $dice->int(0, 1 << 30), $at),
            $dice->int(1, 5),
            $kind,
            $kind === What::ScrewsCounted ? $dice->pick(['tail-screws', 'bracket-short']) : 'mesh',
            'Thing ' . $at,
            $kind === What::MoreCover
                ? [$dice->pick(['display-plug', 'sensor-plug', 'rear-camera-plug'])]
                : [$dice->pick(['bracket', 'earpiece-flex', 'rear-camera'])],
            $dice->int(1, 6),
            $dice->chance(50) ? 2.0 : null,
            'T3',
            $places,
        );
    }

    /** @param list<string> $under */
    private static function said(
        What $kind,
        string $of = '',
        string $name = 'Thing',
        array $under = [],
        int $count = 0,
        ?float $length = null,
        string $driver = '',
        int $at = 1,
    ): Captured {
        $event = \sprintf('0000%04x-0000-4000-8000-00000000000%d', crc32($name) % 65536, $at);

        return new Captured(
            $event,
            $at,
            $kind,
            $of,
            $name,
            $under,
            $count,
            $length,
            $driver,
        );
    }

    private static function phone(Captured ...$said): Phone
    {
        return (new PhoneReader())->read((new Capture(Phones::provisional()))->of(array_values($said)));
    }
}
