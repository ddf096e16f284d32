<?php

declare(strict_types=1);

namespace Facelift\Tests\Capture;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\Blocks;
use Facelift\Anatomy\Driver;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Capture\Capture;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Facelift\Capture\FamilyFile;
use Facelift\Capture\Likeness;
use Facelift\Capture\Provisional;
use Facelift\Capture\Told;
use Facelift\Route\RoutePlanner;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/**
 * A phone that is known is hidden and repaired by whoever knows only its family and what can be seen at each moment.
 * The file that comes out of it takes the same things off, in the same order, with the same screws.
 */
final class TwinTest extends TestCase
{
    use TestTrait;

    /** Keys and taps beyond those of a job whose phone is drawn: the median phone takes at most so many. */
    private const MOST = 60;
    /** The skeletons of the other families were drawn from their only shipped phone: those are varied below. */
    private const TWINS = [
        'quillon-vesper-grand' => 'front-opening',
        'quillon-hollin' => 'front-opening',
        'brasca-fern-3' => 'rear-opening',
        'brasca-larch' => 'rear-opening',
        'tivane-quire' => 'front-bonded',
    ];
    private const FAMILIES = [
        'front-opening' => 'quillon-vesper',
        'two-sided' => 'quillon-vesper',
        'rear-opening' => 'brasca-fern-5',
        'front-bonded' => 'maruvi-sorrel',
        'screwed-chassis' => 'maruvi-cobnut',
        'metal-shell' => 'tivane-anvil',
        'folding-outer' => 'ondrel-gatefold',
    ];

    /**
     * Where the file asks for another order than the phone does, and why nobody could see it. Whatever is asked more
     * was so in the repair; what is not asked is seen, and said, by whoever works in that order.
     */
    private const EXPLAINED = [
        'quillon-hollin' => [
            // Both hang under one bracket: which of the two plugs lies over the other was not tried.
            'not asked: lead-upper before lead-lower',
            // The plug lies beside the leads and was off before anybody lifted them.
            'not asked: lead-lower before sensor-plug',
            'not asked: lead-upper before sensor-plug',
            'not asked: leads before sensor-plug',
            // The earpiece came off when its bracket was off already: nothing showed that it had to wait.
            'not asked: earpiece before mesh',
            'not asked: earpiece before sensor-flex',
            'not asked: earpiece-bracket before earpiece',
            'not asked: earpiece-screws before earpiece',
            // Met one after the other: the second is taken to lie under the first.
            'asked more: home-bracket before shield-screws',
            'asked more: home-glue before shield-screws',
            'asked more: home-key before shield-screws',
            'asked more: home-screws before shield-screws',
            'asked more: plug-bracket before battery-bracket',
            'asked more: plug-bracket before battery-bracket-screws',
            'asked more: plug-bracket before battery-plug',
            'asked more: plug-bracket-long before battery-bracket',
            'asked more: plug-bracket-long before battery-bracket-screws',
            'asked more: plug-bracket-long before battery-plug',
            'asked more: plug-bracket-short before battery-bracket',
            'asked more: plug-bracket-short before battery-bracket-screws',
            'asked more: plug-bracket-short before battery-plug',
        ],
        // The back is unclipped before them, as drawn; that it is lifted as well goes without saying.
        'brasca-fern-3' => [
            'not asked: back-cover before lower-cover',
            'not asked: back-cover before lower-screws',
        ],
        'brasca-larch' => [
            // One group of screws holds two covers there: said as the screws of the first.
            'not asked: cover-screws before lower-cover',
            // Seen when the lower cover had come off last: taken to have lain under it.
            'not asked: coil before board-screw',
            'not asked: cover-screws before board-screw',
            'not asked: upper-cover before board-screw',
            'asked more: lower-cover before board-screw',
            'asked more: lower-cover before display-plug',
            'asked more: lower-cover before link-plug',
            'asked more: lower-cover before stylus-plug',
            'asked more: back-cover before lower-cover',
        ],
        // Their plugs are off before the screen is lifted; that the blade must not meet the flexes is not to be seen.
        'tivane-quire' => [
            'not asked: stylus-plug before display-glue',
            'not asked: touch-plug before display-glue',
        ],
    ];

    public function testTheTwinTakesTheSameOffInTheSameOrderWithTheSameScrews(): void
    {
        $inputs = [];
        foreach (self::TWINS as $id => $family) {
            $truth = Phones::read($id);
            $technician = self::repaired($truth, $family);
            self::assertTwins($truth, $technician, $family, $id);
            $inputs[] = $technician->inputs->total;
        }
        sort($inputs);
        self::assertLessThanOrEqual(self::MOST, $inputs[2], 'of ' . implode(', ', $inputs) . ' inputs');
    }

    public function testOnePhoneOfEveryFamilyVariedAtRandomComesOutAsItIs(): void
    {
        $this->limitTo(5)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            foreach (self::FAMILIES as $family => $id) {
                $truth = self::varied(Phones::data($id), new Dice($seed));
                self::assertTwins($truth, self::repaired($truth, $family), $family, "$id varied by $seed");
            }
        });
    }

    /** The chain of safety is the file's own: whatever was said, the battery's plug comes before every other. */
    public function testWhateverWasSaidTheBatteryComesFirst(): void
    {
        foreach (self::TWINS as $id => $family) {
            $technician = self::repaired(Phones::read($id), $family);
            $file = $technician->file();
            $power = array_search($file->powerConnector()->id, $technician->off, true);
            foreach ($technician->off as $at => $off) {
                $plug = $file->connectors[$off] ?? null;
                self::assertTrue($plug === null || $plug->power || $plug->passive || $at > $power, "$id $off");
            }
        }
    }

    private static function assertTwins(
        Phone $truth,
        ScriptedTechnician $technician,
        string $family,
        string $of,
    ): void {
        $kind = self::kind($family);
        $file = $technician->kept();
        $true = (new RoutePlanner())->plan($truth, $truth->replacement($kind))->ids();
        $is = $technician->pairs->is;
        $mine = array_map(static fn(string $i): string => $is[$i] ?? "not there: $i", $technician->route($file));
        sort($true);
        sort($mine);
        self::assertSame($true, $mine, "$of: what comes off");
        self::assertSame(self::screws($truth, $true), self::screws($file, $technician->route($file)), "$of: screws");
        $is = $technician->pairs->is;
        $differs = self::differences($truth, $technician, $true);
        $explained = self::EXPLAINED[$of] ?? null;
        if (!str_contains($of, 'varied')) {
            $explained ??= [];
            sort($explained);
            sort($differs);
            self::assertSame($explained, $differs, "$of: what comes before what");

            return;
        }
        // What was met is taken to lie under what came off last: nothing else may differ.
        foreach ($differs as $pair) {
            [$first, $second] = explode(' before ', explode(': ', $pair)[1]);
            $met = array_search($second, $technician->pairs->is, true);
            $was = array_search($first, $technician->pairs->is, true);
            self::assertLessThan(
                array_search($met, $technician->off, true),
                array_search($was, $technician->off, true),
                "$of: $pair was not so in the repair",
            );
        }
    }

    /**
     * @param list<string> $true what comes off
     *
     * @return list<string>
     */
    private static function differences(Phone $truth, ScriptedTechnician $technician, array $true): array
    {
        $file = $technician->kept();
        $is = self::before($file, $technician->route($file), $technician->pairs->is);
        $was = self::before($truth, $true, array_combine($true, $true));

        return [
            ...array_map(static fn(string $p): string => "not asked: $p", array_values(array_diff($was, $is))),
            ...array_map(static fn(string $p): string => "asked more: $p", array_values(array_diff($is, $was))),
        ];
    }

    private static function repaired(Phone $truth, string $family): ScriptedTechnician
    {
        $file = __DIR__ . "/../../../phones/families/$family.family.json";
        $skeleton = FamilyFile::read(json_decode((string) file_get_contents($file), true, 64, \JSON_THROW_ON_ERROR));
        $box = $truth->body->outline->box;
        $technician = new ScriptedTechnician($truth, (new Provisional($skeleton))->of(new Told(
            'Ondrel',
            'Twin',
            'OT-1',
            $box->width,
            $box->height,
            $truth->body->thickness,
            tray: $truth->partsOf(PartKind::SimTray) !== [],
            stylus: $truth->partsOf(PartKind::Stylus) !== [],
        )), self::kind($family));
        $technician->work();

        return $technician;
    }

    private static function kind(string $family): ReplacementKind
    {
        return $family === 'screwed-chassis' ? ReplacementKind::DigitizerOnly : ReplacementKind::DisplayAssembly;
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string> how long, how many, for which driver
     */
    private static function screws(Phone $phone, array $ids): array
    {
        $all = [];
        foreach (array_intersect_key($phone->fasteners, array_flip($ids)) as $group) {
            $all[] = \sprintf('%d of %.1f mm, %s', $group->count(), $group->length, $group->driver->value);
        }
        sort($all);

        return $all;
    }

    /**
     * @param list<string>          $ids
     * @param array<string, string> $named
     *
     * @return list<string> every pair of which the first has to be off before the second can come
     */
    private static function before(Phone $phone, array $ids, array $named): array
    {
        $clauses = Blocks::of($phone)->clauses;
        $pairs = [];
        foreach ($ids as $id) {
            [$open, $seen] = [[$id], []];
            while ($open !== []) {
                foreach ($clauses[array_pop($open)] as $any) {
                    if (\count($any) === 1 && !isset($seen[$any[0]])) {
                        $seen[$any[0]] = true;
                        $open[] = $any[0];
                    }
                }
            }
            foreach (array_intersect($ids, array_keys($seen)) as $first) {
                $pairs[] = $named[$first] . ' before ' . $named[$id];
            }
        }
        sort($pairs);

        return $pairs;
    }

    /**
     * Another phone of its kind: screws counted otherwise, a cover more over a plug, a bracket less.
     *
     * @param array<string, mixed> $data
     */
    private static function varied(array $data, Dice $dice): Phone
    {
        $phone = (new PhoneReader())->read($data);
        $route = (new RoutePlanner())->plan($phone, array_values($phone->replacements)[0])->ids();
        $groups = array_values(array_intersect($route, array_keys($phone->fasteners)));
        $plugs = array_values(array_filter(
            array_intersect($route, array_keys($phone->connectors)),
            static fn(string $id): bool => !$phone->connectors[$id]->passive,
        ));
        $said = [];
        foreach ($groups as $i => $id) {
            if ($dice->chance(50)) {
                $said[] = self::said(
                    $i,
                    CaptureKind::ScrewsCounted,
                    $id,
                    [],
                    new Likeness(
                        $dice->int(1, 6),
                        round($dice->float(1, 4), 1),
                        $dice->pick([Driver::SixLobeT3, Driver::CrossPH000]),
                    ),
                );
            }
        }
        if ($plugs !== [] && $dice->chance(60)) {
            $plug = $dice->pick($plugs);
            $at = $phone->connectors[$plug]->at;
            $cover = self::said(
                20,
                CaptureKind::MoreCover,
                '',
                [$plug],
                new Likeness(),
                [[$at->x, $at->y]],
            );
            $said[] = $cover;
            $said[] = self::said(
                21,
                CaptureKind::MoreScrews,
                '',
                [$cover->makes()],
                new Likeness(
                    $dice->int(1, 4),
                    2.2,
                    Driver::CrossPH00,
                ),
            );
        }
        $small = array_values(array_filter(
            array_intersect($route, array_keys($phone->parts)),
            static fn(string $id): bool => \in_array($phone->parts[$id]->kind, [PartKind::Mesh], true),
        ));
        if ($small !== [] && $dice->chance(50)) {
            $said[] = self::said(22, CaptureKind::NotThere, $dice->pick($small));
        }

        return (new PhoneReader())->read((new Capture($data))->of($said));
    }

    /**
     * @param list<string>              $under
     * @param list<array{float, float}> $places
     */
    private static function said(
        int $at,
        CaptureKind $kind,
        string $of,
        array $under = [],
        Likeness $like = new Likeness(),
        array $places = [],
    ): Captured {
        $event = \sprintf('%08x-0000-4000-8000-000000000000', 0xdef00000 + $at);

        return new Captured(
            $event,
            $at,
            $kind,
            $of,
            "More $at",
            $under,
            null,
            $places,
            $like,
        );
    }
}
