<?php

declare(strict_types=1);

namespace Facelift\Tests\Capture;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\ConnectorKind;
use Facelift\Anatomy\Driver;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\Rests;
use Facelift\Capture\Capture;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind as What;
use Facelift\Capture\Likeness;
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

    public function testALeadOverTheWayToTheBatteryMayComeFirstAndAnyOtherComesAfterIt(): void
    {
        $over = self::said(What::MoreLead, name: 'Lead over the bracket', under: ['bracket']);
        $aside = self::said(What::MoreLead, name: 'Lead at the camera', under: ['front-camera']);
        $phone = self::phone($over, $aside);
        self::assertTrue($phone->connectors[$over->makes()]->passive);
        self::assertFalse($phone->connectors[$aside->makes()]->passive);
        $steps = array_keys(Phones::planFor($phone)->steps);
        $at = static fn(string $step): int => (int) array_search($step, $steps, true);
        self::assertLessThan($at('lift-part:bracket'), $at('unplug:' . $over->makes()));
        self::assertLessThan($at('unplug:battery-plug'), $at('lift-part:bracket'));
    }

    public function testGlueThatHoldsAFlexDownIsPartedBeforeItIsLifted(): void
    {
        $glue = new Captured(
            '0000f00d-0000-4000-8000-000000000001',
            1,
            What::MoreBond,
            'display',
            'Dab',
            ['mesh'],
            [
                'earpiece-flex',
            ],
            like: new Likeness(adhesive: AdhesiveKind::Silicone),
        );
        $phone = self::phone($glue);
        self::assertSame(AdhesiveKind::Silicone, $phone->bonds[$glue->makes()]->adhesive);
        self::assertSame([['earpiece-flex']], $phone->bonds[$glue->makes()]->after);
        $steps = array_keys(Phones::planFor($phone)->steps);
        $at = static fn(string $step): int => (int) array_search($step, $steps, true);
        self::assertLessThan($at('lift-part:mesh'), $at('part-bond:' . $glue->makes()));
        self::assertContains('renew-bond:' . $glue->makes(), $steps, 'and made anew');
    }

    public function testAPartOnTheOldScreenMovesOverAndIsTested(): void
    {
        $key = new Captured(
            '0000beef-0000-4000-8000-000000000001',
            1,
            What::MorePart,
            'display',
            'Home key',
            [],
            [
                'display',
            ],
            [[35.0, 138.0]],
            new Likeness(part: PartKind::HomeKey, pairing: Pairing::Biometric),
        );
        $plan = Phones::planFor(self::phone($key));
        self::assertContains($key->makes(), $plan->route->moved);
        self::assertArrayHasKey('lift-part:' . $key->makes(), $plan->steps);
        $tested = array_merge(...array_map(static fn($g): array => $g->functions, array_values($plan->gates)));
        self::assertContains(PhoneFunction::HomeKey, $tested);
    }

    public function testWhatIsOtherwiseIsSoAndTheRestStaysAsItWas(): void
    {
        $clip = new Captured(
            '00000001-0000-4000-8000-000000000001',
            1,
            What::LikeThis,
            'sensor-plug',
            like: new Likeness(
                plug: ConnectorKind::Zif,
                clip: true,
            ),
        );
        $clips = new Captured(
            '00000002-0000-4000-8000-000000000001',
            2,
            What::LikeThis,
            'seal',
            'Clips',
            like: new Likeness(
                adhesive: AdhesiveKind::Clips,
            ),
        );
        $before = self::phone();
        $phone = self::phone($clip, $clips);
        self::assertTrue($phone->connectors['sensor-plug']->clip);
        self::assertSame(ConnectorKind::Zif, $phone->connectors['sensor-plug']->kind);
        self::assertEquals($before->connectors['sensor-plug']->at, $phone->connectors['sensor-plug']->at);
        self::assertNull($phone->bonds['seal']->cut, 'clips are not cut');
        self::assertSame('Clips', $phone->bonds['seal']->name);
        self::assertSame(Rests::Seen, $phone->footing->of('seal'));
    }

    public function testWhatLiesUnderACoverIsAllOfItAndNothingElse(): void
    {
        $over = new Captured(
            '00000003-0000-4000-8000-000000000001',
            1,
            What::LiesOver,
            'bracket',
            under: [
                'battery-plug',
                'mesh',
            ],
        );
        $phone = self::phone($over);
        self::assertSame([['bracket']], $phone->connectors['battery-plug']->after);
        self::assertContains(['bracket'], $phone->parts['mesh']->after);
        self::assertSame([], $phone->connectors['display-plug']->after, 'it lies as free as the bracket');
        $ring = new Captured(
            '00000004-0000-4000-8000-000000000001',
            1,
            What::LiesOver,
            'bracket',
            under: ['seal'],
        );
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage('waits for');
        (new Capture(Phones::provisional()))->after(Phones::provisional(), $ring);
    }

    public function testThePlugThatIsPointedAtIsTheBatterys(): void
    {
        $before = self::phone();
        self::assertSame(Rests::Assumed, $before->footing->of('battery-plug'));
        $as = self::phone(self::said(What::BatteryPlug, of: 'battery-plug'));
        self::assertSame(Rests::Seen, $as->footing->of('battery-plug'));
        self::assertEquals($before->connectors['battery-plug']->at, $as->connectors['battery-plug']->at);
        // Where another is drawn: the two have changed places, and the battery's is still the one that is off first.
        $other = self::phone(self::said(What::BatteryPlug, of: 'sensor-plug'));
        self::assertEquals($before->connectors['sensor-plug']->at, $other->connectors['battery-plug']->at);
        self::assertEquals($before->connectors['battery-plug']->at, $other->connectors['sensor-plug']->at);
        self::assertSame('battery-plug', $other->powerConnector()->id);
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
                    self::assertSame($one->like->count, $group->count());
                }
            }
        });
    }

    private static function madeUp(Dice $dice, int $at): Captured
    {
        $kind = $dice->pick(What::cases());
        $places = $dice->chance(50) ? [[round($dice->float(8, 60), 1), round($dice->float(8, 130), 1)]] : [];

        return new Captured(
            \sprintf('%08x-0000-4000-8000-%012x', $dice->int(0, 1 << 30), $at),
            $dice->int(1, 5),
            $kind,
            match ($kind) {
                What::ScrewsCounted => $dice->pick(['tail-screws', 'bracket-short']),
                What::LikeThis => $dice->pick(['seal', 'sensor-plug', 'bracket-long', 'rear-camera']),
                What::LiesOver => $dice->pick(['bracket', 'battery']),
                What::BatteryPlug => $dice->pick(['battery-plug', 'sensor-plug']),
                default => 'mesh',
            },
            'Thing ' . $at,
            \in_array($kind, [What::MoreCover, What::MoreLead, What::LiesOver], true)
                ? [$dice->pick(['display-plug', 'sensor-plug', 'rear-camera-plug'])]
                : [$dice->pick(['bracket', 'earpiece-flex', 'rear-camera'])],
            places: $places,
            like: new Likeness(
                $dice->int(1, 6),
                $dice->chance(50) ? 2.0 : null,
                Driver::SixLobeT3,
                $dice->pick(AdhesiveKind::cases()),
                $dice->pick(ConnectorKind::cases()),
                $dice->chance(50),
                $dice->pick([PartKind::Mesh, PartKind::Antenna, PartKind::HomeKey]),
                $dice->pick(Pairing::cases()),
            ),
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
            like: new Likeness(
                $count,
                $length,
                Driver::tryFrom($driver),
            ),
        );
    }

    private static function phone(Captured ...$said): Phone
    {
        return (new PhoneReader())->read((new Capture(Phones::provisional()))->of(array_values($said)));
    }
}
