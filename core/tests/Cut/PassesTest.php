<?php

declare(strict_types=1);

namespace Facelift\Tests\Cut;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\CutEdge;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Stretch;
use Facelift\Condition\Condition;
use Facelift\Cut\Passes;
use Facelift\Fit\OldPanel;
use Facelift\Geometry\Side;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/** A stretch that no working window is long enough for is cut in pieces. */
final class PassesTest extends TestCase
{
    use TestTrait;

    public function testPiecesFitTheirEffortTileTheStretchAndGoOneWay(): void
    {
        $this->limitTo(80)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed): void {
                $dice = new Dice($seed);
                $phone = Phones::with('quillon-vesper', [
                    'bonds.0.adhesive' => $dice->pick(['precut-seal', 'strong-glue']),
                ]);
                $passes = self::of($phone);
                $stretches = $passes->stretches();
                if ($stretches === []) {
                    self::fail("seed $seed: the phone has no stretch to cut");
                }
                $stretch = $dice->pick($stretches);
                $most = $dice->float(5, 120);
                $pieces = [];
                for ($left = $stretch; $left !== null; $left = $passes->behind($left, $piece)) {
                    $piece = $passes->within($left, $most);
                    if ($piece === null) {
                        self::assertLessThan(25.0, $most, "seed $seed: nothing fits only where next to nothing may");

                        return;
                    }
                    self::assertLessThanOrEqual($most + 1e-9, $passes->effort($piece), "seed $seed");
                    self::assertSame($stretch->id, $piece->id);
                    $pieces[] = $piece;
                }
                self::assertEqualsWithDelta(
                    $stretch->length(),
                    array_sum(
                        array_map(static fn(Stretch $p): float => $p->length(), $pieces),
                    ),
                    1e-6,
                );
                $ends = array_map(static fn(Stretch $p): array => [$p->from, $p->to], $pieces);
                // Clockwise from the bottom: along the bottom and up the left the figures fall, along the top and
                // down the right they rise.
                $back = \in_array($stretch->side, [Side::Bottom, Side::Left], true);
                for ($i = 1; $i < \count($pieces); ++$i) {
                    self::assertEqualsWithDelta(
                        $back ? $ends[$i - 1][0] : $ends[$i - 1][1],
                        $back ? $ends[$i][1] : $ends[$i][0],
                        1e-9,
                        'each begins where the one before it ended',
                    );
                }
            });
    }

    public function testEnoughTimeTakesTheWholeStretch(): void
    {
        $passes = self::of(Phones::read('quillon-vesper'));
        foreach ($passes->stretches() as $stretch) {
            $piece = $passes->within($stretch, 1000);
            self::assertSame($stretch, $piece);
            self::assertNull($passes->behind($stretch, $piece));
            self::assertNull($passes->within($stretch, Passes::SHORTEST - 0.5));
        }
    }

    /**
     * By hand: 60 mm of straight edge are what they are; over the corner the arc, π·9.4/4 = 7.38 mm, counts twice.
     */
    public function testEffortWorkedOutByHand(): void
    {
        $passes = self::of(Phones::read('quillon-vesper'));
        $straight = new Stretch(
            's',
            Side::Left,
            40,
            100,
            3,
            false,
            null,
        );
        self::assertEqualsWithDelta(60.0, $passes->effort($straight), 1e-6);
        $radius = Phones::read('quillon-vesper')->body->glass->radius;
        $corner = new Stretch(
            'c',
            Side::Left,
            0,
            $radius,
            3,
            false,
            null,
        );
        self::assertEqualsWithDelta((\M_PI * $radius) / 4 * 2, $passes->effort($corner), 0.01);
    }

    private static function of(Phone $phone): Passes
    {
        $cut = $phone->bonds['seal']->cut;
        \assert($cut instanceof CutEdge);

        return new Passes(
            $phone,
            $phone->bonds['seal'],
            $cut,
            Condition::observed([]),
            OldPanel::Save,
        );
    }
}
