<?php

declare(strict_types=1);

namespace Facelift\Tests\Diagnosis;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Condition\Check;
use Facelift\Condition\CheckResult;
use Facelift\Condition\Condition;
use Facelift\Condition\FunctionState;
use Facelift\Condition\Moment;
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
    public function testRow(
        array $seen,
        array $functions,
        PanelTechnology $technology,
        array $layers,
        bool $proveFirst,
    ): void {
        $finding = (new Diagnostician())->diagnose(
            new Condition(
                $seen,
                [],
                $functions,
                [],
                [],
                true,
                false,
            ),
            $technology,
        );
        foreach ($layers as $layer => $likelihood) {
            self::assertTrue($finding->is(ScreenLayer::from($layer), $likelihood), "$layer is $likelihood->value");
        }
        foreach ($finding->layers as $verdict) {
            self::assertNotSame([], $verdict->because);
        }
        self::assertSame($proveFirst, $finding->proveFirst());
    }

    /**
     * @return iterable<string, array{
     *     list<Seen>, array<string, FunctionState>, PanelTechnology, array<string, Likelihood>, bool
     * }>
     */
    public static function rows(): iterable
    {
        $works = ['image' => FunctionState::Works, 'touch' => FunctionState::Works];
        $oled = PanelTechnology::Oled;
        yield 'cracked glass, image and touch perfect' => [
            [Seen::CrackedGlass],
            $works,
            $oled,
            [
                'cover-glass' => Likelihood::Broken,
                'display-panel' => Likelihood::Whole,
                'digitizer' => Likelihood::Whole,
            ],
            false,
        ];
        yield 'lines' => [[Seen::Lines], [], $oled, ['display-panel' => Likelihood::Broken], false];
        yield 'spots' => [[Seen::Spots], [], $oled, ['display-panel' => Likelihood::Broken], false];
        yield 'flicker' => [[Seen::Flicker], [], $oled, ['display-panel' => Likelihood::Broken], false];
        yield 'blotches under whole glass' => [
            [Seen::NoImage, Seen::Blotches],
            [],
            $oled,
            ['cover-glass' => Likelihood::Whole, 'display-panel' => Likelihood::Broken],
            false,
        ];
        yield 'no image, rings' => [
            [Seen::NoImage, Seen::StillRings],
            [],
            $oled,
            [
                'display-panel' => Likelihood::Possible,
                'connector' => Likelihood::Possible,
                'board' => Likelihood::Possible,
            ],
            true,
        ];
        yield 'no touch, glass whole' => [
            [Seen::NoTouch],
            [],
            $oled,
            ['digitizer' => Likelihood::Possible, 'connector' => Likelihood::Possible],
            true,
        ];
        yield 'no touch under cracks' => [
            [Seen::CrackedGlass, Seen::NoTouch],
            [],
            $oled,
            ['digitizer' => Likelihood::Broken],
            false,
        ];
        yield 'dim image on an LCD' => [
            [Seen::DimImage],
            [],
            PanelTechnology::Lcd,
            [
                'backlight' => Likelihood::Possible,
                'display-panel' => Likelihood::Possible,
                'board' => Likelihood::Possible,
            ],
            true,
        ];
        yield 'flicker with picture working' => [
            [Seen::Flicker],
            $works,
            $oled,
            ['display-panel' => Likelihood::Broken],
            false,
        ];
        yield 'bent frame' => [[Seen::FrameBent], [], $oled, ['frame' => Likelihood::Broken], false];
    }

    /**
     * A very dim picture: the circuit on the board 0.13·0.95, or the module's own light 0.4·0.25; by hand 0.5526 and
     * 0.4474.
     */
    public function testADimPictureLeavesBothTheBoardAndTheModulesOwnLight(): void
    {
        $finding = (new Diagnostician())->diagnose(Condition::observed([Seen::DimImage]), PanelTechnology::Lcd);
        self::assertTrue($finding->pointsToDisplay());
        self::assertTrue($finding->proveFirst());
        self::assertEqualsWithDelta(0.1 / 0.2235, $finding->chanceOfMending(), 1e-9);
        self::assertNotNull($finding->next);
    }

    /**
     * Under cracked glass the odds of the panel are two and a half times those under whole glass: 0.5·2.5 of 1.25 +
     * 0.5.
     */
    public function testCrackedGlassRaisesThePanelsShareOfADarkScreen(): void
    {
        $chance = static fn(Seen ...$seen): ?float => (new Diagnostician())
            ->diagnose(Condition::observed(array_values($seen)), PanelTechnology::Oled)
            ->chanceOfMending();
        self::assertEqualsWithDelta(0.5, $chance(Seen::NoImage), 1e-9);
        self::assertEqualsWithDelta(1.25 / 1.75, $chance(Seen::NoImage, Seen::CrackedGlass), 1e-9);
    }

    public function testAKnownGoodPanelIsTheCheckThatWaitsForTheBench(): void
    {
        $checked = new Condition(
            [Seen::NoImage],
            [],
            [],
            [],
            [],
            true,
            false,
            [
                new CheckResult(Check::LookAtAngle, 'even'),
                new CheckResult(Check::Ring, 'rings'),
                new CheckResult(Check::Charge, 'signs-only'),
            ],
        );
        $finding = (new Diagnostician())->diagnose($checked, PanelTechnology::Oled);
        self::assertSame(Check::KnownGoodPanel, $finding->next?->check);
        self::assertSame(Moment::Opened, Check::KnownGoodPanel->moment());
        self::assertGreaterThan(0.4, $finding->chanceOfMending());
        self::assertLessThan(0.9, $finding->chanceOfMending());
    }

    public function testChecksThatExcludeEachOtherAreSaidNotAveraged(): void
    {
        $torn = new Condition(
            [Seen::NoImage, Seen::Blotches],
            [],
            [],
            [],
            [],
            true,
            false,
            [
                new CheckResult(Check::LookAtAngle, 'even'),
            ],
        );
        $finding = (new Diagnostician())->diagnose($torn, PanelTechnology::Oled);
        self::assertSame(['evidence-conflict'], array_map(static fn($r): string => $r->code, $finding->contradictions));
        self::assertTrue($finding->proveFirst(), 'what contradicts itself proves nothing');
        self::assertEqualsWithDelta(0.5, $finding->chanceOfMending(), 1e-9, 'as before anything was checked');
        self::assertNotNull($finding->next);
    }

    public function testContradictionsAreSaid(): void
    {
        $seen = new Condition(
            [Seen::NoImage, Seen::DimImage],
            [],
            ['image' => FunctionState::Works],
            [],
            [],
            true,
            false,
        );
        $codes = array_map(
            static fn($r): string => $r->code,
            (new Diagnostician())->diagnose($seen, PanelTechnology::Oled)->contradictions,
        );
        self::assertSame(
            ['no-image-but-image-works', 'no-image-but-image-seen', 'dim-image-without-backlight'],
            $codes,
        );
    }
}
