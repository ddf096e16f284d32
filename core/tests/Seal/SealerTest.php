<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Facelift\Fit\HeightBudget;
use Facelift\Geometry\Side;
use Facelift\Seal\Sealer;
use Facelift\Seal\Strip;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SealerTest extends TestCase
{
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
