<?php

declare(strict_types=1);

namespace Facelift\Tests\Diagnosis;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Condition\Check;
use Facelift\Condition\CheckResult;
use Facelift\Condition\Condition;
use Facelift\Condition\FunctionState;
use Facelift\Condition\Observation as Seen;
use Facelift\Diagnosis\Diagnostician;
use Facelift\Diagnosis\Likelihood;
use Facelift\Diagnosis\ScreenLayer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rows of the trade's fault table: common practice, no source. */
final class DiagnosticianTest extends TestCase
{
    /**
     * @param list<Seen>                   $seen
     * @param array<string, FunctionState> $functions
     * @param array<string, Likelihood>    $layers
     */
    #[DataProvider('rows')]
    public function testRow(array $seen, array $functions, PanelTechnology $technology, array $layers, bool $proveFirst): void
    {
        $finding = (new Diagnostician())->diagnose(new Condition($seen, [], $functions, [], [], true, false), $technology);
        foreach ($layers as $layer => $likelihood) {
            self::assertTrue($finding->is(ScreenLayer::from($layer), $likelihood), "$layer is $likelihood->value");
        }
        foreach ($finding->layers as $verdict) {
            self::assertNotSame([], $verdict->because);
        }
        self::assertSame($proveFirst, $finding->proveFirst());
    }

    /** @return iterable<string, array{list<Seen>, array<string, FunctionState>, PanelTechnology, array<string, Likelihood>, bool}> */
    public static function rows(): iterable
    {
        $works = ['image' => FunctionState::Works, 'touch' => FunctionState::Works];
        $oled = PanelTechnology::Oled;
        yield 'cracked glass, image and touch perfect' => [[Seen::CrackedGlass], $works, $oled, ['cover-glass' => Likelihood::Broken, 'display-panel' => Likelihood::Whole, 'digitizer' => Likelihood::Whole], false];
        yield 'lines' => [[Seen::Lines], [], $oled, ['display-panel' => Likelihood::Broken], false];
        yield 'spots' => [[Seen::Spots], [], $oled, ['display-panel' => Likelihood::Broken], false];
        yield 'flicker' => [[Seen::Flicker], [], $oled, ['display-panel' => Likelihood::Broken], false];
        yield 'blotches under whole glass' => [[Seen::NoImage, Seen::Blotches], [], $oled, ['cover-glass' => Likelihood::Whole, 'display-panel' => Likelihood::Broken], false];
        yield 'no image, rings' => [[Seen::NoImage, Seen::StillRings], [], $oled, ['display-panel' => Likelihood::Possible, 'connector' => Likelihood::Possible, 'board' => Likelihood::Possible], true];
        yield 'no touch, glass whole' => [[Seen::NoTouch], [], $oled, ['digitizer' => Likelihood::Possible, 'connector' => Likelihood::Possible], true];
        yield 'no touch under cracks' => [[Seen::CrackedGlass, Seen::NoTouch], [], $oled, ['digitizer' => Likelihood::Broken], false];
        yield 'dim image on an LCD' => [[Seen::DimImage], [], PanelTechnology::Lcd, ['backlight' => Likelihood::Broken, 'board' => Likelihood::Possible], true];
        yield 'flicker with picture working' => [[Seen::Flicker], $works, $oled, ['display-panel' => Likelihood::Broken], false];
        yield 'bent frame' => [[Seen::FrameBent], [], $oled, ['frame' => Likelihood::Broken], false];
    }

    public function testABacklightFaultDoesNotPointToTheDisplay(): void
    {
        $finding = (new Diagnostician())->diagnose(Condition::observed([Seen::DimImage]), PanelTechnology::Lcd);
        self::assertFalse($finding->pointsToDisplay());
    }

    public function testAKnownGoodPanelIsTheCheckThatWaitsForTheBench(): void
    {
        $checked = new Condition([Seen::NoImage], [], [], [], [], true, false, [new CheckResult(Check::LookAtAngle, 'even'), new CheckResult(Check::Ring, 'rings'), new CheckResult(Check::Charge, 'signs-only')]);
        $finding = (new Diagnostician())->diagnose($checked, PanelTechnology::Oled);
        self::assertTrue($finding->nextIsAtTheBench());
        self::assertSame(Check::KnownGoodPanel, $finding->next?->check);
        self::assertGreaterThan(0.4, $finding->chanceOfMending());
        self::assertLessThan(0.9, $finding->chanceOfMending());
    }

    public function testChecksThatExcludeEachOtherAreSaidNotAveraged(): void
    {
        $torn = new Condition([Seen::NoImage, Seen::Blotches], [], [], [], [], true, false, [new CheckResult(Check::LookAtAngle, 'even')]);
        $finding = (new Diagnostician())->diagnose($torn, PanelTechnology::Oled);
        self::assertSame(['evidence-conflict'], array_map(static fn($r): string => $r->code, $finding->contradictions));
        self::assertSame([[], null], [$finding->suspects, $finding->next]);
    }

    public function testContradictionsAreSaid(): void
    {
        $seen = new Condition([Seen::NoImage, Seen::DimImage], [], ['image' => FunctionState::Works], [], [], true, false);
        $codes = array_map(static fn($r): string => $r->code, (new Diagnostician())->diagnose($seen, PanelTechnology::Oled)->contradictions);
        self::assertSame(['no-image-but-image-works', 'no-image-but-image-seen', 'dim-image-without-backlight'], $codes);
    }
}
