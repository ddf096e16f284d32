<?php

declare(strict_types=1);

namespace Facelift\Tests\Chip;

use Facelift\Anatomy\MemoryChip;
use Facelift\Chip\ChipOff;
use Facelift\Chip\ChipWork;
use Facelift\Chip\HotWork;
use Facelift\Chip\Jet;
use Facelift\Chip\Solder;
use Facelift\Heat\Limits;
use Facelift\Seal\Curing;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/** What practice says of it (common practice, no source), and what follows from the heat. */
final class ChipWorkTest extends TestCase
{
    /** Hot air at 290–300 °C lifts a chip in half a minute or so, and leaves a yellow spot on the panel behind it. */
    public function testHotAirLiftsAChipAndYellowsThePanelSoTheNewOnesIsMilled(): void
    {
        foreach (['quillon-vesper', 'quillon-vesper-grand'] as $phone) {
            $work = ChipWork::of(self::chip($phone));
            self::assertNotNull($work->lift);
            self::assertEqualsWithDelta(35, $work->lift->seconds, 25);
            self::assertTrue($work->yellows($work->lift));
            self::assertSame(ChipOff::Milled, $work->way);
            self::assertTrue($work->works());
        }
    }

    /** In paste that melts at 138 °C it sets in seconds, and the new panel stays far below its limit. */
    public function testLowTemperaturePasteSparesTheNewPanel(): void
    {
        $work = ChipWork::of(self::chip());
        self::assertNotNull($work->set);
        self::assertLessThan(60.0, $work->set->behind);
        self::assertTrue($work->set->shielded);
        self::assertLessThan($work->lift->seconds ?? 0, $work->set->seconds);
    }

    public function testTheBandOfANozzleHoldsTheEstimate(): void
    {
        $work = HotWork::best(self::chip(), Solder::LowTemperature);
        self::assertNotNull($work);
        [$weak, $strong] = $work->band(self::chip(), Solder::LowTemperature);
        self::assertNotNull($weak);
        self::assertNotNull($strong);
        self::assertGreaterThanOrEqual($work->seconds, $weak->seconds);
        self::assertLessThanOrEqual($work->seconds, $strong->seconds);
        self::assertGreaterThanOrEqual($work->behind, $weak->behind, 'slower is hotter behind');
    }

    public function testAirThatIsTooColdDoesNotDoIt(): void
    {
        self::assertNull(HotWork::with(self::chip(), Solder::LeadFree, new Jet(215.0), false));
    }

    public function testATougherPanelMayBeWarmed(): void
    {
        $work = ChipWork::of(self::chip(), new Limits(panel: 180.0, panelPeak: 190.0));
        self::assertSame(ChipOff::HotAir, $work->way);
    }

    public function testFiguresByHand(): void
    {
        $work = ChipWork::of(self::chip());
        self::assertSame(0.24, $work->ball(), '0.6 of a pitch of 0.4 mm');
        self::assertSame(11, $work->passes(), '0.55 mm in cuts of 0.05');
        self::assertSame(180.0 + 11 * 25.0, $work->offSeconds());
        self::assertSame(180.0 + 49 * 4.0, $work->ballSeconds());
        self::assertSame(200.0, $work->curing(Curing::usualLamp()), '2,000 mJ/cm² at 10 mW/cm²');
        self::assertGreaterThanOrEqual(120, $work->cooling());
    }

    private static function chip(string $phone = 'quillon-vesper'): MemoryChip
    {
        return Phones::read($phone)->panel->data->chip ?? throw new \LogicException('no chip');
    }
}
