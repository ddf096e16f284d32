<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\IfCovered;
use Facelift\Anatomy\Opening;
use Facelift\Anatomy\OpeningShape;
use Facelift\Geometry\Leg;
use Facelift\Geometry\Loop;
use Facelift\Geometry\Point;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Seal\Bead;
use Facelift\Seal\BeadPlanner;
use Facelift\Seal\NothingToSeal;
use Facelift\Seal\Rim;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class BeadTest extends TestCase
{
    use TestTrait;

    /** A bead keeps its volume: π·d²/4 = w·h, by hand. 0.7 mm pressed to 0.25 mm: 0.38485 / 0.25 = 1.5394 mm. */
    #[TestWith([0.7, 0.25, 1.5394])]
    #[TestWith([1.0, 0.3, 2.6180])]
    public function testSpreads(float $diameter, float $gap, float $width): void
    {
        self::assertEqualsWithDelta($width, Bead::spreads($diameter, $gap), 5e-5);
    }

    /**
     * By hand (docs/checks.md): on the Sorrel the narrowest ledge is 2.2 mm, nine tenths of it 1.98 mm; pressed to
     * 0.25 mm a bead of 0.7 mm is 1.54 mm wide, one of 0.8 mm 2.01 mm. Volume for 100 mm: 38.5 mm³, with 15 % 44.26.
     */
    public function testTakesTheThickestBeadThatTheLedgeTakes(): void
    {
        $bead = self::onSorrel();
        self::assertSame(0.7, $bead->diameter);
        self::assertEqualsWithDelta(0.04426 * $bead->length() / 100, $bead->ml(), 1e-4);
        self::assertSame(['earpiece-slot', 'light-sensor'], $bead->interrupted);
        self::assertSame(0.0, $bead->squeezedOut());
        self::assertTrue($bead->inTime());
    }

    /** It stays open half as long ten degrees warmer (rule of thumb, from memory). */
    public function testStaysOpenForShorterWhereItIsWarm(): void
    {
        $phone = Phones::read('maruvi-sorrel');
        $rim = Rim::under($phone, $phone->bonds['bezel-glue']);
        self::assertEqualsWithDelta(300.0, (new BeadPlanner())->plan($rim, 0.25, 20.0)->open, 1e-9);
        self::assertEqualsWithDelta(150.0, (new BeadPlanner())->plan($rim, 0.25, 30.0)->open, 1e-9);
        self::assertFalse((new BeadPlanner())->plan($rim, 0.25, 36.0)->inTime());
    }

    public function testNoTipLaysABeadThinEnough(): void
    {
        $this->expectException(NothingToSeal::class);
        $this->expectExceptionMessage('spreads to 2.51 mm, the ledge takes 1.98 mm');
        $phone = Phones::read('maruvi-sorrel');
        (new BeadPlanner())->plan(Rim::under($phone, $phone->bonds['bezel-glue']), 0.05, 20.0);
    }

    /** Wherever openings lie: pressed, the bead stays out of every clearance and out of the well. */
    public function testStaysClearWhereverOpeningsLie(): void
    {
        $this->limitTo(120)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(static function (int $seed): void {
                $dice = new Dice($seed);
                $openings = [];
                for ($i = $dice->int(0, 7); $i > 0; --$i) {
                    $openings["o$i"] = new Opening(
                        "o$i",
                        "Opening $i",
                        $dice->pick(OpeningShape::cases()),
                        new Point($dice->float(0, 70), $dice->pick([1.0, 2.5, $dice->float(0, 140)])),
                        $dice->float(1, 12),
                        $dice->float(1, 6),
                        $dice->float(0, 1),
                        IfCovered::EarpieceFaint,
                    );
                }
                $width = $dice->float(1.2, 4);
                $rim = Rim::of(
                    RoundedRectangle::of(new Rectangle(0, 0, 70, 140), $dice->float(3, 12)),
                    ['top' => $width + 1, 'right' => $width, 'bottom' => $width + 2, 'left' => $width],
                    $openings,
                );
                $bead = (new BeadPlanner())->plan($rim, $dice->float(0.15, 0.4), 22.0);
                $half = $bead->width() / 2;
                $length = 0.0;
                foreach ($bead->stretches as $legs) {
                    foreach ($legs as $k => $leg) {
                        $length += $leg->length();
                        if ($k > 0) {
                            self::assertLessThan(1e-6, $leg->start->distanceTo($legs[$k - 1]->end), "seed $seed");
                        }
                        for ($at = 0.0; $at <= $leg->length(); $at += 0.4) {
                            $p = $leg->at($at);
                            foreach ($rim->keepOuts as $out) {
                                self::assertFalse($out->shape->grown($half - 0.02)->holds($p), "seed $seed");
                            }
                            self::assertFalse($rim->well->holds($p), "seed $seed");
                            self::assertTrue($rim->wall->holds($p), "seed $seed");
                        }
                    }
                }
                self::assertEqualsWithDelta($length, $bead->length(), 1e-6);
                self::assertLessThanOrEqual($rim->wall->perimeter(), $length);
            });
    }

    /** 2(w + h) − 8r + 2πr round; a quarter of the arc at a corner is at 45°. */
    public function testAWalkRoundARoundedRectangle(): void
    {
        $shape = RoundedRectangle::of(new Rectangle(0, 0, 60, 120), 8);
        $loop = new Loop($shape);
        $all = array_sum(array_map(static fn(Leg $l): float => $l->length(), $loop->between(0, $loop->length())));
        self::assertEqualsWithDelta(2 * 180 - 64 + 16 * \M_PI, $all, 1e-9);
        $half = $loop->at(44 + \M_PI * 2);
        self::assertEqualsWithDelta(52 + 8 * M_SQRT1_2, $half->x, 1e-9);
        self::assertEqualsWithDelta(8 - 8 * M_SQRT1_2, $half->y, 1e-9);
        $over = $loop->between($loop->length() - 5, $loop->length() + 5);
        self::assertEqualsWithDelta(10.0, array_sum(array_map(static fn(Leg $l): float => $l->length(), $over)), 1e-9);
    }

    private static function onSorrel(): Bead
    {
        $phone = Phones::read('maruvi-sorrel');

        return (new BeadPlanner())->plan(Rim::under($phone, $phone->bonds['bezel-glue']), 0.25, 22.0);
    }
}
