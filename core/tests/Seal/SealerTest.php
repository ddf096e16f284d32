<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Fit\HeightBudget;
use Facelift\Geometry\Side;
use Facelift\Seal\Sealer;
use Facelift\Seal\Strip;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SealerTest extends TestCase
{
    use TestTrait;

    /** Stock widths 1, 1.5, 2, 3, 5 mm: common practice, no source. */
    #[TestWith([1.8, 1.5])]
    #[TestWith([2.6, 2.0])]
    #[TestWith([3.4, 3.0])]
    #[TestWith([9.0, 5.0])]
    #[TestWith([0.6, 1.0])]
    public function testTakesTheWidestStockThatTheLedgeTakes(float $ledge, float $stock): void
    {
        self::assertSame($stock, Sealer::stockFor($ledge));
    }

    public function testNoTapeLiesOnTapeNorOverAnOpeningNorOffTheGlass(): void
    {
        $phone = Phones::read('brasca-fern-5');
        $plan = (new Sealer())->plan($phone, $phone->bonds['display-tape'], true);
        self::assertGreaterThan(4, \count($plan->strips));
        foreach ($plan->strips as $i => $strip) {
            self::assertTrue($phone->body->glass->box->contains($strip->box));
            foreach ($phone->openings as $opening) {
                self::assertFalse($strip->box->grown(-1e-6)->meets($opening->keepOut()), $opening->id);
            }
            foreach (\array_slice($plan->strips, $i + 1) as $other) {
                self::assertFalse($strip->box->grown(-1e-6)->meets($other->box));
            }
        }
        self::assertSame(['earpiece-slot', 'proximity-window', 'flex-slot'], $plan->freed);
    }

    /** By hand: the left side runs 161.2 − 2·0.7 − 2.0 (top tape) − 3.0 (bottom tape) = 154.8 mm of 1.5 mm tape. */
    public function testLengthsAndMetres(): void
    {
        $phone = Phones::read('brasca-fern-5');
        $plan = (new Sealer())->plan($phone, $phone->bonds['display-tape'], true);
        $left = array_values(array_filter($plan->strips, static fn(Strip $s): bool => $s->side === Side::Left));
        self::assertCount(1, $left);
        self::assertEqualsWithDelta(154.8, $left[0]->length(), 1e-9);
        self::assertEqualsWithDelta(2 * 0.1548, $plan->metres['1.5 mm'], 1e-9);
    }

    /**
     * Openings anywhere, ledges of any width: never tape on tape, never over what has to stay free, nothing too short
     * to hold.
     */
    public function testHoldsWhereverOpeningsLieAndHoweverWideTheLedgeIs(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(static function (int $seed): void {
                $dice = new Dice($seed);
                $openings = array_map(
                    static fn(int $n): array => [
                        'id' => "o$n",
                        'name' => "Opening $n",
                        'shape' => 'rectangle',
                        'x' => $dice->float(10, 62),
                        'y' => $dice->float(4, 156),
                        'width' => $dice->float(1, 16),
                        'height' => $dice->float(1, 6),
                        'clearance' => $dice->float(0, 2),
                        'ifCovered' => 'proximity-dead',
                    ],
                    range(1, $dice->int(1, 9)),
                );
                $phone = Phones::with('brasca-fern-5', [
                    'openings' => $openings,
                    'ledge.top' => $dice->float(0.8, 6),
                    'ledge.bottom' => $dice->float(0.8, 6),
                    'ledge.left' => $dice->float(0.8, 6),
                    'ledge.right' => $dice->float(0.8, 6),
                ]);
                $plan = (new Sealer())->plan($phone, $phone->bonds['display-tape'], true);
                $metres = 0.0;
                foreach ($plan->strips as $i => $strip) {
                    $metres += $strip->length() / 1000;
                    self::assertGreaterThanOrEqual(3.0, $strip->length());
                    self::assertContains($strip->width, Sealer::STOCK);
                    self::assertTrue($phone->body->glass->box->grown(1e-6)->contains($strip->box), "seed $seed");
                    foreach ($phone->openings as $opening) {
                        self::assertFalse(
                            $strip->box->grown(-1e-6)->meets($opening->keepOut()),
                            "seed $seed, $opening->id",
                        );
                    }
                    foreach (\array_slice($plan->strips, $i + 1) as $other) {
                        self::assertFalse($strip->box->grown(-1e-6)->meets($other->box), "seed $seed");
                    }
                }
                self::assertEqualsWithDelta($metres, array_sum($plan->metres), 1e-9);
                // What no strip was cut free of lies clear of all four sides.
                foreach ($phone->openings as $id => $opening) {
                    $onSide = array_filter(
                        $plan->strips,
                        static fn(Strip $s): bool => $opening->keepOut()->meets($s->box),
                    );
                    self::assertSame([], \in_array($id, $plan->freed, true) ? [] : $onSide);
                }
            });
    }

    public function testAPrecutSealNeedsNoStrips(): void
    {
        $phone = Phones::read('quillon-vesper');
        self::assertSame([], (new Sealer())->plan($phone, $phone->bonds['seal'], true)->strips);
    }

    public function testHeightBudget(): void
    {
        self::assertSame(0.1, (new HeightBudget(1.75, 1.55, 0.3))->proud());
        self::assertSame(-0.1, (new HeightBudget(1.75, 1.35, 0.3))->proud());
    }
}
