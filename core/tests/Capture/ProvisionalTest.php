<?php

declare(strict_types=1);

namespace Facelift\Tests\Capture;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\FileSection;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\Rests;
use Facelift\Capture\FamilyFile;
use Facelift\Capture\FrontThing;
use Facelift\Capture\Provisional;
use Facelift\Capture\SeenThing;
use Facelift\Capture\Told;
use Facelift\Document\Unreadable;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProvisionalTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        $files = glob(__DIR__ . '/../../../phones/families/*.family.json');
        foreach ($files === false ? [] : $files as $file) {
            yield basename($file, '.family.json') => [$file];
        }
    }

    public function testThereIsASkeletonForEveryFamily(): void
    {
        $read = array_map(
            static fn(array $f): string => self::family($f[0])->family->value,
            iterator_to_array(self::families()),
        );
        self::assertEqualsCanonicalizing(array_keys($read), array_values($read));
        self::assertCount(7, $read);
    }

    /** Like one that is known: drawn as that is, fitted to its measures, and all of it assumed. */
    public function testAnyKnownPhoneIsASkeletonOfOneLikeIt(): void
    {
        foreach (Phones::ids() as $id) {
            foreach ([true, false] as $has) {
                $known = Phones::read($id);
                $file = (new Provisional(FamilyFile::like(Phones::data($id))))->of(new Told(
                    'Ondrel',
                    'Like',
                    'OL-1',
                    $known->body->outline->box->width + 1.5,
                    $known->body->outline->box->height - 2,
                    $known->body->thickness + 0.4,
                    tray: $has,
                    stylus: $has,
                ));
                $phone = (new PhoneReader())->read($file);
                self::assertSame($known->family, $phone->family, $id);
                self::assertSame('unknown', $phone->panel->connectorCode);
                self::assertSame('ondrel-like', $phone->identity->id);
                self::assertSame(Rests::Assumed, $phone->footing->of($phone->powerConnector()->id));
                self::assertSame(Rests::Measured, $phone->footing->ofSection(FileSection::Body));
                self::assertSame($has, $has ? $known->partsOf(PartKind::SimTray) === []
                    || $phone->footing->of($phone->partsOf(PartKind::SimTray)[0]->id) === Rests::Seen
                    : $phone->partsOf(PartKind::SimTray, PartKind::Stylus, PartKind::StylusLayer) !== []);
            }
        }
    }

    /** Whatever a ruler can say of a phone gives a file that is read, of that size, with everything on it. */
    #[DataProvider('families')]
    public function testAnySizeGivesAPhoneFile(string $file): void
    {
        $family = self::family($file);
        $anyone = Generators::choose(0, 1 << 30);
        $this->limitTo(25)->forAll($anyone)->then(static function (int $seed) use ($family): void {
            $dice = new Dice($seed);
            $told = new Told(
                'Ondrel',
                'Knot ' . $dice->int(1, 9),
                'OK-1',
                round($dice->float(60, 85), 1),
                round($dice->float(125, 175), 1),
                round($dice->float(6.5, 12), 1),
                $dice->chance(50) ? [new SeenThing(FrontThing::Camera, 30.0, 8.0)] : [],
                $dice->chance(70),
                $dice->chance(30),
            );
            $phone = (new PhoneReader())->read((new Provisional($family))->of($told));
            self::assertSame($told->width, $phone->body->outline->box->width);
            self::assertSame($told->height, $phone->body->outline->box->height);
            self::assertSame($told->thickness, $phone->body->thickness);
            self::assertSame($told->tray && self::hasTray($family), isset($phone->parts['sim-tray']));
            self::assertOnPhone($phone);
        });
    }

    private static function hasTray(FamilyFile $family): bool
    {
        return isset((new PhoneReader())->read($family->phone)->parts['sim-tray']);
    }

    private static function assertOnPhone(Phone $phone): void
    {
        $box = $phone->body->outline->box->grown(4.0);
        foreach ($phone->fasteners as $group) {
            foreach ($group->places as $place) {
                self::assertTrue($box->holds($place), $group->id);
            }
        }
        foreach ($phone->connectors as $connector) {
            self::assertTrue($box->holds($connector->at), $connector->id);
        }
    }

    public function testWhatWasToldIsMeasuredOrSeenAndTheRestAssumed(): void
    {
        $told = new Told(
            'Ondrel',
            'Knot',
            'OK-1',
            70.2,
            150.0,
            8.1,
            [
                new SeenThing(FrontThing::Camera, 20.0, 7.5),
                new SeenThing(FrontThing::EarpieceSlot, 35.1, 3.0),
            ],
        );
        $file = __DIR__ . '/../../../phones/families/front-opening.family.json';
        $phone = (new PhoneReader())->read((new Provisional(self::family($file)))->of($told));
        self::assertSame('ondrel-knot', $phone->identity->id);
        self::assertSame(Rests::Measured, $phone->footing->ofSection(FileSection::Body));
        self::assertSame(Rests::Seen, $phone->footing->ofSection(FileSection::Openings));
        self::assertSame(Rests::Assumed, $phone->footing->ofSection(FileSection::Ledge));
        self::assertSame(Rests::Seen, $phone->footing->of('sim-tray'));
        self::assertSame(Rests::Assumed, $phone->footing->of('tail-screws'));
        self::assertTrue($phone->footing->isProvisional());
        self::assertCount(2, $phone->openings);
        self::assertEqualsWithDelta(20.0, array_values($phone->openings)[0]->centre->x, 1e-9);
        $range = $phone->footing->screwsOf($phone->fasteners['tail-screws']);
        self::assertLessThan($range->most, $range->fewest);
    }

    public function testWhatMakesNoPhoneIsRefusedWithItsField(): void
    {
        $file = __DIR__ . '/../../../phones/families/front-opening.family.json';
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessageMatches('/body/');
        (new Provisional(self::family($file)))->of(new Told(
            'Ondrel',
            'Knot',
            'OK-1',
            12.0,
            150.0,
            8.1,
        ));
    }

    public function testAFileOfAnotherKindIsRefused(): void
    {
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessageMatches('/family file.*format/');
        FamilyFile::read(['format' => 'facelift-phone', 'version' => 1]);
    }

    private static function family(string $file): FamilyFile
    {
        return FamilyFile::read(json_decode((string) file_get_contents($file), true, 64, \JSON_THROW_ON_ERROR));
    }
}
