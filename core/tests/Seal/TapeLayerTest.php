<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\Narrowing;
use Facelift\Anatomy\OpeningShape;
use Facelift\Geometry\Side;
use Facelift\Seal\CornerCut;
use Facelift\Seal\EdgePlace;
use Facelift\Seal\Piece;
use Facelift\Seal\Rim;
use Facelift\Seal\TapeLayer;
use Facelift\Seal\TapeLayout;
use Facelift\Tests\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class TapeLayerTest extends TestCase
{
    use TestTrait;

    /**
     * By hand (docs/checks.md): a ledge of 1.6 mm round 60 × 120 mm with corners of 8 mm takes 1.5 mm tape. The long
     * sides are 120 − 2·8 = 104 mm, the short ones 44 mm. A facet may stand off the wall by 0.05 mm, so a corner has
     * eight of 2·8·sin(90°/16) = 1.568 mm.
     */
    public function testAPlainLedgeByHand(): void
    {
        $layout = self::lay(Ledges::rim(60, 120, 8, 1.6));
        self::assertCount(8, $layout->pieces);
        foreach ($layout->pieces as $piece) {
            self::assertSame(1.5, $piece->stock);
        }
        $corner = self::at($layout, EdgePlace::TopLeft)[0];
        self::assertEqualsWithDelta(104.0, self::at($layout, EdgePlace::Left)[0]->length, 1e-9);
        self::assertEqualsWithDelta(44.0, self::at($layout, EdgePlace::Top)[0]->length, 1e-9);
        self::assertEqualsWithDelta(8 * 1.568, $corner->length, 5e-3);
        self::assertSame(7, $corner->notch?->count);
        self::assertEqualsWithDelta(1.568, $corner->notch->every, 1e-3);
        // A wedge takes the difference of chord outside and inside: 2·1.5·tan(90°/16) = 0.295 mm.
        self::assertEqualsWithDelta(0.295, $corner->notch->open, 1e-3);
        self::assertEqualsWithDelta(1.0, $layout->held, 1e-4);
        self::assertNull($layout->bare);
        // 2·104·1.5 + 2·44·1.5, and four corners of eight trapezoids: 8·1.5·(1.568 + 1.273)/2 each.
        self::assertEqualsWithDelta(444.0 + 4 * 8 * 1.5 * (1.568 + 1.273) / 2, $layout->holds(), 0.1);
    }

    /**
     * By hand (docs/checks.md): a slot of 10 × 1 mm with 0.5 mm clearance, its middle 1.3 mm below the wall in a ledge
     * of 3.3 mm: 0.3 mm free above, 1 mm below. The 3 mm tape ends 5.5 mm before and after its middle, and 1 mm tape
     * goes on beneath.
     */
    public function testAroundASlotByHand(): void
    {
        $slot = Ledges::opening(
            OpeningShape::Slot,
            30,
            1.3,
            10,
            1,
            0.5,
        );
        $layout = self::lay(Ledges::rim(
            60,
            120,
            8,
            3.3,
            [$slot],
        ));
        $top = self::at($layout, EdgePlace::Top);
        self::assertSame(['slot'], $layout->freed);
        $wide = array_values(array_filter($top, static fn(Piece $p): bool => $p->stock === 3.0));
        self::assertCount(2, $wide);
        self::assertEqualsWithDelta(24.5, $wide[0]->to, 1e-9);
        self::assertEqualsWithDelta(35.5, $wide[1]->from, 1e-9);
        $under = array_values(array_filter($top, static fn(Piece $p): bool => $p->stock === 1.0));
        self::assertCount(1, $under);
        self::assertEqualsWithDelta(2.3, $under[0]->depth, 0.01);
        self::assertEqualsWithDelta(1.0, $layout->held, 1e-4);
    }

    public function testALedgeThatIsNarrowerBesideAKeyGetsNarrowTapeThere(): void
    {
        $rim = Rim::of(
            Ledges::wall(60, 120, 8),
            ['top' => 2.0, 'right' => 2.0, 'bottom' => 2.0, 'left' => 2.0],
            [],
            [new Narrowing(Side::Right, 40, 55, 1.1)],
        );
        $right = self::at(self::lay($rim), EdgePlace::Right);
        self::assertSame([2.0, 1.0, 2.0], array_map(static fn(Piece $p): float => $p->stock, $right));
        self::assertSame([40.0, 55.0], [$right[1]->from, $right[1]->to]);
    }

    public function testNoTapeFitsALedgeNarrowerThanTheNarrowest(): void
    {
        $layout = self::lay(Ledges::rim(60, 120, 8, 0.8));
        self::assertSame([], $layout->pieces);
        self::assertEqualsWithDelta(Ledges::wall(60, 120, 8)->perimeter(), $layout->bare?->length, 1e-6);
    }

    public function testAnOpeningAcrossTheWholeSideLeavesItBare(): void
    {
        $across = Ledges::opening(
            OpeningShape::Rectangle,
            30,
            1.5,
            56,
            3,
            0.5,
        );
        $layout = self::lay(Ledges::rim(
            60,
            120,
            8,
            2.0,
            [$across],
        ));
        self::assertSame([], self::at($layout, EdgePlace::Top));
        self::assertSame(EdgePlace::TopLeft, $layout->bare?->begins);
        self::assertGreaterThan(44.0, $layout->bare->length);
    }

    /** Where corners are too tight to bend tape round, top and bottom run through and the sides end at them. */
    public function testSquareCornersAreHeldByWhatRunsThrough(): void
    {
        $layout = self::lay(Ledges::rim(60, 120, 2, 2.0));
        self::assertCount(4, $layout->pieces);
        self::assertEqualsWithDelta(60.0, self::at($layout, EdgePlace::Top)[0]->length, 1e-9);
        self::assertEqualsWithDelta(116.0, self::at($layout, EdgePlace::Left)[0]->length, 1e-9);
        self::assertEqualsWithDelta(1.0, $layout->held, 1e-4);
    }

    /** @return iterable<string, array{CornerCut}> */
    public static function cuts(): iterable
    {
        foreach (CornerCut::cases() as $cut) {
            yield $cut->value => [$cut];
        }
    }

    /**
     * Every shipped phone: what is stated is what lies there, row by row (for the usual corners at 0.02 mm); nothing
     * lies double, off the ledge or within a clearance.
     */
    #[DataProvider('cuts')]
    public function testShippedPhonesRowByRow(CornerCut $cut): void
    {
        foreach (Ledges::ofPhones() as $name => $rim) {
            $layout = (new TapeLayer())->lay($rim, Ledges::STOCK, $cut, Side::Top);
            self::assertEqualsWithDelta(
                self::checked($rim, $layout, $cut === CornerCut::Notched ? 0.02 : 0.1, $name),
                $layout->holds(),
                0.005 * $layout->holds(),
                $name,
            );
        }
    }

    #[Group('long')]
    public function testRandomLedges(): void
    {
        $this->limitTo(1000)
            ->forAll(Generators::choose(1, 1_000_000_000))
            ->disableShrinking()
            ->then(static function (int $seed): void {
                $rim = Ledges::random(new Dice($seed));
                $cut = CornerCut::cases()[$seed % 3];
                $layout = (new TapeLayer())->lay($rim, Ledges::STOCK, $cut, Side::cases()[$seed % 4]);
                foreach ($layout->pieces as $piece) {
                    self::assertGreaterThanOrEqual(Piece::SHORTEST - 1e-9, $piece->length, "seed $seed");
                    self::assertContains($piece->stock, Ledges::STOCK, "seed $seed");
                }
                // A row stands for the height of a step: level edges are off by a step at the most.
                $step = 0.29 + 0.2 * ($seed % 97) / 97;
                $off = $step * array_sum(
                    array_map(static fn(Piece $p): float => $p->lies->bounds()->width, $layout->pieces),
                );
                self::assertEqualsWithDelta(
                    self::checked($rim, $layout, $step, "seed $seed"),
                    $layout->holds(),
                    $off,
                    "seed $seed",
                );
                self::assertLessThanOrEqual(1.0 + 1e-9, $layout->held);
                self::assertGreaterThanOrEqual(0.0, $layout->held);
            });
    }

    /** @return float mm² by rows; fails if anything lies double, off the ledge or within a clearance */
    private static function checked(Rim $rim, TapeLayout $layout, float $step, string $name): float
    {
        $area = 0.0;
        // Pieces are told to a thousandth of a mm.
        $slack = 0.003;
        $b = $rim->wall->box;
        for ($y = $b->y - 1 + $step / 2; $y < $b->bottom() + 1; $y += $step) {
            $spans = [];
            foreach ($layout->pieces as $piece) {
                array_push($spans, ...Scan::row($piece->lies, $y));
            }
            sort($spans);
            $wall = Scan::rounded($rim->wall->grown(0.001), $y);
            $well = Scan::rounded($rim->well->grown(-0.001), $y);
            foreach ($spans as $i => $span) {
                $area += ($span[1] - $span[0]) * $step;
                $out = $span[1] - $span[0] - ($wall === null ? 0.0 : Scan::shared($span, $wall));
                self::under(
                    $slack,
                    $out,
                    $name,
                    'off the glass',
                    $y,
                );
                if ($well !== null) {
                    self::under(
                        $slack,
                        Scan::shared($span, $well),
                        $name,
                        'in the well',
                        $y,
                    );
                }
                foreach ($rim->keepOuts as $keepOut) {
                    if (min($keepOut->shape->box->width, $keepOut->shape->box->height) < 0.003) {
                        continue;
                    }
                    $clear = Scan::rounded($keepOut->shape->grown(-0.001), $y);
                    if ($clear !== null) {
                        self::under(
                            $slack,
                            Scan::shared($span, $clear),
                            $name,
                            'in a clearance',
                            $y,
                        );
                    }
                }
                if (isset($spans[$i + 1])) {
                    self::under(
                        $slack,
                        Scan::shared($span, $spans[$i + 1]),
                        $name,
                        'tape on tape',
                        $y,
                    );
                }
            }
        }

        return $area;
    }

    /** Millions of rows: only what is wrong is worth an assertion. */
    private static function under(
        float $slack,
        float $is,
        string $name,
        string $what,
        float $y,
    ): void {
        if ($is >= $slack) {
            self::fail("$name: $what by $is mm at y $y");
        }
    }

    private static function lay(Rim $rim): TapeLayout
    {
        return (new TapeLayer())->lay($rim, Ledges::STOCK, CornerCut::Notched, Side::Top);
    }

    /** @return list<Piece> in the order along the side */
    private static function at(TapeLayout $layout, EdgePlace $place): array
    {
        $pieces = array_filter($layout->pieces, static fn(Piece $p): bool => $p->place === $place);
        usort($pieces, static fn(Piece $a, Piece $b): int => [$a->from, $a->depth] <=> [$b->from, $b->depth]);

        return $pieces;
    }
}
