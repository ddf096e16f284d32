<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Document\Reason;
use Facelift\Fit\FigureFrom;
use Facelift\Fit\Sits;
use Facelift\Fit\Thickness;
use Facelift\Geometry\Side;
use Facelift\Seal\EdgePlace;
use Facelift\Seal\FirstEdge;
use Facelift\Seal\Heights;
use Facelift\Seal\HoldBy;
use Facelift\Seal\KnownWays;
use Facelift\Seal\NothingToSeal;
use Facelift\Seal\Piece;
use Facelift\Seal\Readings;
use Facelift\Seal\Roll;
use Facelift\Seal\Rolls;
use Facelift\Seal\SealMeans;
use Facelift\Seal\SealRequest;
use Facelift\Seal\Way;
use Facelift\Seal\WayChoice;
use Facelift\Seal\WayFinder;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class WayFinderTest extends TestCase
{
    /**
     * Two height budgets by hand (docs/checks.md). Fern 4: 1.40 + 0.25 − 1.70 = −0.05; worst −0.05 + 3·0.05 = 0.10;
     * likely −0.05 + √(3·0.05²) = 0.0366. Room for 0.30 mm pressed.
     */
    public function testHeightByHand(): void
    {
        $heights = self::heights(Phones::read('brasca-fern-4'), 'display-tape', 0.25);
        $budget = $heights->highest()->budget;
        self::assertSame([-0.05, 0.1, 0.0366, 0.3], [
            $budget->proud(),
            $budget->worst(),
            $budget->likely(),
            $heights->room(),
        ]);
        self::assertSame(Sits::Flush, $heights->sits());
    }

    /**
     * The second by hand: module read as 1.52, the recess at the left as 1.66, and a ridge of 0.08 left there. Left:
     * 1.52 + 0.24 + 0.08 − 1.66 = 0.18 proud; the other sides 1.52 + 0.24 − 1.70 = 0.06. Tolerances 0.02 for what was
     * read, 0.05 for the adhesive: likely 0.18 + √(3·0.02² + 0.05²) = 0.2408.
     */
    public function testReadingsReplaceTheFile(): void
    {
        $heights = self::heights(
            Phones::read('brasca-fern-4'),
            'display-tape',
            0.24,
            new Readings(1.52, ['left' => 1.66], ['left' => 0.08]),
        );
        self::assertSame(Side::Left, $heights->highest()->side);
        self::assertSame(0.18, $heights->highest()->budget->proud());
        self::assertSame(0.2408, $heights->highest()->budget->likely());
        self::assertSame(0.12, $heights->tilt());
        self::assertSame(['sits-proud', 'room-for', 'residue-under', 'sits-crooked'], self::codes($heights->because()));
    }

    public function testAProudScreenPressesOnABacklight(): void
    {
        $heights = self::heights(Phones::read('brasca-fern-3'), 'display-tape', 0.6);
        self::assertContains('presses-on-backlight', self::codes($heights->because()));
    }

    public function testFoamInTheRecessCounts(): void
    {
        $phone = Phones::with('brasca-fern-4', ['ledge.foam' => 0.2]);
        self::assertSame(0.15, self::heights($phone, 'display-tape', 0.25)->highest()->budget->proud());
    }

    public function testAnAbsurdReadingIsRefusedWithItsName(): void
    {
        $this->expectException(NothingToSeal::class);
        $this->expectExceptionMessage('residue left is -0.1 mm, must lie between 0 and 10 mm');
        new Readings(null, [], ['left' => -0.1]);
    }

    public function testThickTapeFromTheKitStaysInItsBox(): void
    {
        $choice = self::find(self::fern(['adhesive' => 'tape', 'adhesiveThickness' => 0.6]), 'display-tape');
        // The shop's own tape is what is offered instead.
        $own = $choice->by(Way::Tape);
        self::assertSame([false, 0.3, true], [$own?->supplied, $own?->thickness, $own?->lasts()]);
        self::assertSame(Way::TapeAndBead, $choice->recommended()?->way);
        self::assertSame(['supplied-lifts', 'way-tape-with-bead'], self::codes($choice->because));
    }

    public function testWhatCameWithThePartCountsFirstIfItEndsUpFlush(): void
    {
        $choice = self::find(self::fern(['adhesive' => 'tube']), 'display-tape');
        self::assertSame(Way::Bead, $choice->recommended()?->way);
        self::assertSame(['way-supplied'], self::codes($choice->because));
        $fitted = self::find(self::fern(['adhesive' => 'fitted', 'adhesiveThickness' => 0.3]), 'display-tape');
        self::assertSame(Way::Fitted, $fitted->recommended()?->way);
    }

    public function testABentFrameWantsAdhesiveThatFills(): void
    {
        $choice = self::find(self::fern([]), 'display-tape', Condition::observed([Observation::FrameBent]));
        self::assertSame(Way::TapeAndBead, $choice->recommended()?->way);
    }

    public function testAPhoneBuiltWithASealGetsOneAgain(): void
    {
        $choice = self::find(Phones::read('quillon-vesper'), 'seal');
        self::assertSame(Way::PrecutSeal, $choice->recommended()?->way);
        $codes = self::codes($choice->recommended()->because);
        self::assertContains('seal-way-up', $codes);
        self::assertContains('seal-from', $codes);
        $extra = array_map(
            static fn(Piece $p): EdgePlace => $p->place,
            $choice->by(Way::SealAndTape)->tape->pieces ?? [],
        );
        self::assertCount(4, array_unique($extra, \SORT_REGULAR));
        self::assertSame([], array_filter($extra, static fn(EdgePlace $p): bool => !$p->isCorner()));
    }

    public function testTheThicknessOfTheRollThatEndsUpFlushIsTaken(): void
    {
        $rolls = new Rolls([
            new Roll(
                'thin',
                1.5,
                0.1,
                0.0,
                9000.0,
            ),
            new Roll(
                'right',
                1.5,
                0.36,
                0.2,
                9000.0,
            ),
            new Roll(
                'thick',
                1.5,
                0.8,
                0.2,
                9000.0,
            ),
        ]);
        $offer = self::find(self::fern([]), 'display-tape', means: new SealMeans($rolls))->by(Way::Tape);
        self::assertSame(0.36, $offer?->thickness);
        self::assertSame(Sits::Flush, $offer->heights?->sits());
    }

    /** With a module 0.3 mm too thick nothing lasts: what stands least proud is taken, and it says so. */
    public function testWhereNothingLastsTheLeastProudIsTakenAndSaid(): void
    {
        $phone = Phones::with('brasca-fern-4', ['ledge.module' => 1.7]);
        $choice = self::find($phone, 'display-tape');
        self::assertFalse($choice->recommended()?->lasts());
        self::assertSame('none-lasts', $choice->because[0]->code);
        foreach ($choice->offers as $offer) {
            if ($offer->refused === null) {
                self::assertGreaterThanOrEqual(
                    $choice->recommended()->heights?->highest()->budget->proud(),
                    $offer->heights?->highest()->budget->proud(),
                );
            }
        }
    }

    /** What is known already is what would be found, and another reading is another answer. */
    public function testWhatIsKnownIsWhatWouldBeFound(): void
    {
        $phone = self::fern([]);
        $known = new KnownWays();
        $ask = static fn(Readings $read): SealRequest => new SealRequest(
            $phone,
            $phone->bonds['display-tape'],
            self::part($phone),
            Condition::observed([]),
            new SealMeans(),
            $read,
        );
        $first = $known->find($ask(new Readings()));
        self::assertSame($first, $known->find($ask(new Readings())));
        self::assertEquals($first, (new WayFinder())->find($ask(new Readings())));
        $read = $known->find($ask(new Readings(1.6)));
        self::assertNotEquals($first, $read);
        self::assertEquals($read, (new WayFinder())->find($ask(new Readings(1.6))));
    }

    public function testNoRollFitsTheLedge(): void
    {
        $rolls = new Rolls([new Roll(
            'wide',
            5.0,
            0.3,
            0.2,
            9000.0,
        )]);
        $offer = self::find(self::fern([]), 'display-tape', means: new SealMeans($rolls))->by(Way::Tape);
        self::assertSame('no-stock-fits', $offer?->refused?->code);
        self::assertSame(['ledge' => 3.4, 'narrowest' => 5.0], $offer->refused->figures);
    }

    /** Contact adhesive: 20 to 30 min, hours lying light (common practice, no source); a day to cure (from memory). */
    public function testHoldIsThreeFigures(): void
    {
        $hold = self::find(Phones::read('maruvi-sorrel'), 'bezel-glue')->by(Way::Bead)?->hold;
        self::assertNotNull($hold);
        self::assertGreaterThanOrEqual(20.0, $hold->clamp);
        self::assertLessThanOrEqual(30.0, $hold->clamp);
        self::assertSame(3.0, $hold->light);
        self::assertGreaterThanOrEqual(12.0, $hold->cure);
        self::assertSame(HoldBy::Clamps, $hold->by);
        $colder = self::find(Phones::read('maruvi-sorrel'), 'bezel-glue', means: new SealMeans(room: 12.0));
        self::assertGreaterThan($hold->clamp, $colder->by(Way::Bead)?->hold?->clamp);
    }

    /** Books on curved glass: a jaw slips off it (common practice, no source). */
    public function testCurvedGlassIsWeighedDown(): void
    {
        $phone = Phones::read('brasca-larch');
        self::assertSame(HoldBy::Weight, self::find($phone, 'display-tape')->recommended()?->hold?->by);
        self::assertSame(HoldBy::Clamps, self::find($phone, 'back-seal')->recommended()?->hold?->by);
    }

    /** Top edge with its hooks on a front-opening phone, the hinge on a folding one (common practice, no source). */
    public function testTheFirstEdge(): void
    {
        $first = static fn(string $id, string $bond): array => [
            FirstEdge::of(Phones::read($id), Phones::read($id)->bonds[$bond])->side,
            FirstEdge::of(Phones::read($id), Phones::read($id)->bonds[$bond])->because->code,
        ];
        self::assertSame([Side::Top, 'hooks-first'], $first('quillon-vesper', 'seal'));
        self::assertSame([Side::Left, 'hinge-first'], $first('ondrel-gatefold', 'outer-tape'));
        self::assertSame([Side::Top, 'align-one-edge'], $first('brasca-fern-5', 'display-tape'));
    }

    public function testNoClampStandsAtTheHingeOrOnAKey(): void
    {
        $phone = Phones::read('ondrel-gatefold');
        $hold = self::find($phone, 'outer-tape')->recommended()?->hold;
        self::assertSame(HoldBy::Bands, $hold?->by);
        self::assertNotContains(Side::Left, array_map(static fn($p): Side => $p->side, $hold->places));
        foreach (Phones::ids() as $id) {
            $phone = Phones::read($id);
            foreach ($phone->bonds as $bond) {
                $places = $bond->cut === null ? [] : self::find($phone, $bond->id)->recommended()->hold->places ?? [];
                foreach ($places as $place) {
                    foreach ($phone->parts as $part) {
                        $key = $part->kind === PartKind::SideKeys;
                        self::assertFalse($key && $part->box->holds($place->at), "$id $part->id");
                    }
                }
            }
        }
    }

    /** Every shipped phone has a way that lasts on every bond that is cut. */
    public function testEveryShippedBondHasAWayThatLasts(): void
    {
        foreach (Phones::ids() as $id) {
            $phone = Phones::read($id);
            foreach ($phone->bonds as $bond) {
                if ($bond->cut !== null) {
                    self::assertTrue(self::find($phone, $bond->id)->recommended()?->lasts(), "$id $bond->id");
                }
            }
        }
    }

    /** @param array<string, mixed> $part */
    private static function fern(array $part): Phone
    {
        $data = Phones::data('brasca-fern-4');
        $changes = ['replacements.0.adhesive' => null, 'replacements.0.adhesiveThickness' => null];
        foreach ($part as $key => $value) {
            $changes["replacements.0.$key"] = $value;
        }
        \assert(isset($data['replacements']));

        return Phones::with('brasca-fern-4', $changes);
    }

    private static function find(
        Phone $phone,
        string $bond,
        ?Condition $condition = null,
        SealMeans $means = new SealMeans(),
    ): WayChoice {
        return (new WayFinder())->find(new SealRequest(
            $phone,
            $phone->bonds[$bond],
            self::part($phone),
            $condition ?? Condition::observed([]),
            $means,
        ));
    }

    private static function part(Phone $phone): ?Replacement
    {
        foreach ($phone->replacements as $part) {
            if ($part->kind !== ReplacementKind::GlassOnly) {
                return $part;
            }
        }

        return null;
    }

    private static function heights(Phone $phone, string $bond, float $mm, Readings $read = new Readings()): Heights
    {
        $request = new SealRequest(
            $phone,
            $phone->bonds[$bond],
            self::part($phone),
            Condition::observed([]),
            new SealMeans(),
            $read,
        );
        $heights = Heights::of($request, new Thickness($mm, 0.05, FigureFrom::Roll));
        self::assertNotNull($heights);

        return $heights;
    }

    /**
     * @param list<Reason> $reasons
     *
     * @return list<string>
     */
    private static function codes(array $reasons): array
    {
        return array_map(static fn(Reason $r): string => $r->code, $reasons);
    }
}
