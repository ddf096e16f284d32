<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\FrameMaterial;
use Facelift\Fit\OldPanel;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Binding;
use Facelift\Heat\Candidate;
use Facelift\Heat\Curves;
use Facelift\Heat\Limits;
use Facelift\Heat\Programme;
use Facelift\Heat\Region;
use Facelift\Heat\Source;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/**
 * Limits follow what the frame is made of and what the old panel is worth. Figures: common practice and estimates,
 * said where they are defined.
 */
final class LimitsTest extends TestCase
{
    public function testAPlasticFrameTakesSettingsOutOfTheRegionAndAddsNone(): void
    {
        $metal = self::points(FrameMaterial::Metal);
        $plastic = self::points(FrameMaterial::Plastic);
        $frame = 0;
        foreach ($plastic as $i => $point) {
            if ($point->works()) {
                self::assertTrue($metal[$i]->works(), "$point->set °C, {$point->seconds()} s");
                self::assertLessThanOrEqual($metal[$i]->margin + 1e-9, $point->margin);
            }
            $frame += $point->binding === Binding::Frame ? 1 : 0;
        }
        self::assertGreaterThan(0, $frame, 'some are forbidden by the frame alone');
    }

    public function testAPanelThatIsGivenUpMakesRoomAndTakesNoneAway(): void
    {
        $save = self::points(FrameMaterial::Metal);
        foreach (self::points(FrameMaterial::Metal, OldPanel::GiveUp) as $i => $point) {
            if ($save[$i]->works()) {
                self::assertTrue($point->works());
            }
        }
    }

    /**
     * The frame of the edge is never hotter than what heats it, and with a metal one it is close to the bond that
     * lies on it.
     */
    public function testTheFramesTemperatureIsThatOfTheEdge(): void
    {
        $phone = Phones::read('quillon-vesper');
        $programme = Programme::empty()->heat(240, Source::plate(85))->rest(120);
        foreach (Curves::of($phone, $phone->bonds['seal'])->run($programme) as $sample) {
            self::assertLessThan(85.0, $sample->frame);
            self::assertEqualsWithDelta($sample->bond, $sample->frame, 4.0);
        }
    }

    public function testTheBatterysLimitsAreTheSameForAll(): void
    {
        foreach (FrameMaterial::cases() as $frame) {
            foreach (OldPanel::cases() as $old) {
                $limits = Limits::of($frame, $old);
                self::assertSame(
                    [60.0, 58.0],
                    [$limits->batteryStop, $limits->batteryCaution],
                    'no panel is worth a battery',
                );
            }
        }
    }

    /** @return list<Candidate> */
    private static function points(FrameMaterial $frame, OldPanel $old = OldPanel::Save): array
    {
        $phone = Phones::read('maruvi-sorrel');
        $bond = $phone->bonds['bezel-glue'];
        $region = Region::of(
            $phone,
            $bond,
            AdhesiveWindow::of(AdhesiveKind::FoamTape, AdhesiveState::Fresh),
            Limits::of($frame, $old),
        );

        return $region->points(
            Source::plate(85),
            [70.0, 80.0, 90.0, 100.0],
            array_map(static fn(int $i): float => 20.0 * $i, range(1, 24)),
        );
    }
}
