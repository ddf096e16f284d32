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

    public function testPiecesFitTheirTimeTileTheStretchAndGoOneWay(): void
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
                $window = $dice->float(15, 60);
                $pieces = [];
                for ($left = $stretch; $left !== null; $left = $passes->behind($left, $pass->way->stretch)) {
                    $pass = $passes->within($left, $window);
                    if ($pass === null) {
                        self::assertLessThan(30.0, $window, "seed $seed: nothing fits only into a very short time");

                        return;
                    }
                    self::assertLessThanOrEqual($window + 1e-9, $pass->seconds, "seed $seed");
                    self::assertSame($stretch->id, $pass->way->stretch->id);
                    $pieces[] = $pass;
                }
                self::assertEqualsWithDelta(
                    $stretch->length(),
                    array_sum(
                        array_map(static fn($p): float => $p->way->stretch->to - $p->way->stretch->from, $pieces),
                    ),
                    1e-6,
                );
                $ends = array_map(static fn($p): array => [$p->way->stretch->from, $p->way->stretch->to], $pieces);
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

    public function testLongEnoughAWindowTakesTheWholeStretch(): void
    {
        $passes = self::of(Phones::read('quillon-vesper'));
        foreach ($passes->stretches() as $stretch) {
            $pass = $passes->within($stretch, 1000);
            self::assertNotNull($pass);
            self::assertNull($passes->behind($stretch, $pass->way->stretch));
            self::assertEqualsWithDelta($passes->stroke($stretch)->seconds, $pass->seconds, 1e-9);
            self::assertNull($passes->within($stretch, Passes::PICK));
        }
    }

    /**
     * By hand: 60 mm of straight edge at 3 mm/s take 20 s and 5 s for the pick; over the corner, π·9.4/4 = 7.38 mm at
     * half the pace take 4.92 s.
     */
    public function testSecondsWorkedOutByHand(): void
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
        self::assertEqualsWithDelta(25.0, $passes->stroke($straight)->seconds, 1e-6);
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
        self::assertEqualsWithDelta((\M_PI * $radius) / 4 / 1.5 + 5, $passes->stroke($corner)->seconds, 0.01);
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
