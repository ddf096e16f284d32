<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Facelift\Geometry\Side;
use Facelift\Seal\CornerCut;
use Facelift\Seal\TapeLayer;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Tape on the shipped phones against what any layout could hold. */
#[Group('long')]
final class TapeBoundTest extends TestCase
{
    /**
     * No layout of stock laid along the wall holds more than, at every place of it, the widest stock side by side in
     * what is free behind it. The layouts come to 95 % of that bound.
     */
    public function testShippedPhonesAgainstTheBoundOfAnyLayout(): void
    {
        foreach (Ledges::ofPhones() as $name => $rim) {
            $bound = TapeBound::of($rim);
            $held = (new TapeLayer())->lay($rim, Ledges::STOCK, CornerCut::Notched, Side::Top)->holds();
            self::assertLessThan($bound * 1.005, $held, $name);
            self::assertGreaterThan(0.95 * $bound, $held, \sprintf('%s: %.1f of %.1f mm²', $name, $held, $bound));
        }
    }
}
