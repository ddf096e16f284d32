<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Anatomy\FrameMaterial;
use Facelift\Anatomy\LayerRole;
use Facelift\Fit\OldPanel;
use Facelift\Heat\Curves;
use Facelift\Heat\LayerCurves;
use Facelift\Heat\Limits;
use Facelift\Heat\Programme;
use Facelift\Heat\Sample;
use Facelift\Heat\Source;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LayerCurvesTest extends TestCase
{
    #[DataProvider('phones')]
    public function testEveryStackOfEveryPhoneWarmsFromTheHeatedFaceInwards(string $id): void
    {
        foreach (Phones::read($id)->stacks as $name => $stack) {
            $rows = (new LayerCurves($stack))->run(Programme::empty()->heat(120, Source::plate(85)), 10.0);
            self::assertCount(\count($stack), $rows);
            for ($layer = 1; $layer < \count($rows); ++$layer) {
                foreach ($rows[$layer] as $i => $celsius) {
                    self::assertLessThanOrEqual($rows[$layer - 1][$i] + 1e-6, $celsius, "$id $name layer $layer");
                }
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function phones(): iterable
    {
        foreach (Phones::ids() as $id) {
            yield $id => [$id];
        }
    }

    public function testItAgreesWithTheCurvesOfTheBond(): void
    {
        $phone = Phones::read('quillon-vesper');
        $programme = Programme::empty()->heat(200, Source::plate(85))->rest(60);
        $samples = Curves::of($phone, $phone->bonds['seal'])->run($programme, 4.0);
        $rows = (new LayerCurves($phone->stacks['edge']))->run($programme, 4.0);
        $bond = array_search(
            LayerRole::Bond,
            array_map(static fn($l): LayerRole => $l->role, $phone->stacks['edge']),
            true,
        );
        self::assertIsInt($bond);
        self::assertCount(\count($samples), $rows[$bond]);
        foreach ($samples as $i => $sample) {
            self::assertEqualsWithDelta($sample->bond, $rows[$bond][$i], 1e-9);
        }
    }

    /** A short peak is borne, a longer one or a hotter one is not. */
    public function testAPanelIsHurtByAPeakOrByTooLongAboveItsLimit(): void
    {
        $at = static fn(float $second, float $panel): Sample => new Sample(
            $second,
            60,
            $panel,
            40,
            80,
            60,
        );
        $limits = Limits::of(FrameMaterial::Metal);
        self::assertFalse($limits->panelHurt([$at(0, 89), $at(60, 89.9), $at(120, 80)]));
        self::assertFalse($limits->panelHurt([$at(0, 89), $at(4, 92), $at(8, 92), $at(12, 88)]));
        self::assertTrue($limits->panelHurt([$at(0, 89), $at(4, 92), $at(8, 92), $at(14, 92)]));
        self::assertTrue($limits->panelHurt([$at(0, 89), $at(1, 100)]));
        self::assertFalse(Limits::of(FrameMaterial::Metal, OldPanel::GiveUp)->panelHurt([$at(0, 100), $at(100, 110)]));
    }
}
