<?php

declare(strict_types=1);

namespace Facelift\Tests\Fit;

use Facelift\Anatomy\PanelTechnology as T;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Fit\Fitter;
use Facelift\Fit\Offer;
use Facelift\Fit\Verdict;
use Facelift\Fit\Wish;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FitterTest extends TestCase
{
    #[DataProvider('offers')]
    public function testCriterion(Offer $offer, string $criterion, Verdict $verdict, string $code): void
    {
        $fitting = (new Fitter())->judge(Phones::read('quillon-vesper'), new Wish('QV-2110', K::DisplayAssembly, 'graphite'), $offer);
        foreach ($fitting->criteria as $c) {
            if ($c->name === $criterion) {
                self::assertSame([$verdict, $code], [$c->verdict, $c->because->code]);
            } else {
                self::assertSame(Verdict::Fits, $c->verdict, $c->name);
            }
        }
        self::assertSame($verdict, $fitting->verdict());
    }

    /** @return iterable<string, array{Offer, string, Verdict, string}> */
    public static function offers(): iterable
    {
        $codes = ['QV-2110'];
        yield 'all right' => [new Offer($codes, K::DisplayAssembly, 'QV-46P', T::Oled, 'graphite', 60, []), 'model-code', Verdict::Fits, 'code-listed'];
        yield 'another code' => [new Offer(['QV-2199'], K::DisplayAssembly, 'QV-46P', T::Oled, 'graphite', 60, []), 'model-code', Verdict::DoesNotFit, 'code-not-listed'];
        yield 'another kind' => [new Offer($codes, K::DisplayWithFrame, 'QV-46P', T::Oled, 'graphite', 60, []), 'kind', Verdict::DoesNotFit, 'kind-differs'];
        yield 'another connector' => [new Offer($codes, K::DisplayAssembly, 'QV-40P', T::Oled, 'graphite', 60, []), 'connector', Verdict::DoesNotFit, 'connector-differs'];
        yield 'hard OLED' => [new Offer($codes, K::DisplayAssembly, 'QV-46P', T::HardOled, 'graphite', 60, []), 'technology', Verdict::FitsWithLoss, 'aftermarket-oled'];
        yield 'LCD for OLED' => [new Offer($codes, K::DisplayAssembly, 'QV-46P', T::Lcd, 'graphite', 60, []), 'technology', Verdict::FitsWithLoss, 'lcd-for-oled'];
        yield 'slower' => [new Offer($codes, K::DisplayAssembly, 'QV-46P', T::Oled, 'graphite', 48, []), 'refresh', Verdict::FitsWithLoss, 'refresh-lower'];
        yield 'another colour' => [new Offer($codes, K::DisplayAssembly, 'QV-46P', T::Oled, 'chalk', 60, []), 'colour', Verdict::FitsWithLoss, 'colour-differs'];
        yield 'paired part fitted' => [new Offer($codes, K::DisplayAssembly, 'QV-46P', T::Oled, 'graphite', 60, ['earpiece-flex']), 'small-parts', Verdict::FitsWithLoss, 'paired-part-fitted'];
        yield 'no data sheet' => [new Offer($codes, K::DisplayAssembly, 'QV-46P', null, 'graphite', 60, []), 'technology', Verdict::Unknown, 'datum-missing'];
    }

    public function testAFramedPartMustBringWhatItsKindBrings(): void
    {
        $fitting = (new Fitter())->judge(Phones::read('brasca-fern-5'), new Wish('BF5-E', K::DisplayWithFrame, null), new Offer(['BF5-E'], K::DisplayWithFrame, 'BF-40Z', T::Oled, 'slate', 90, ['mesh']));
        $small = $fitting->criteria[6];
        self::assertSame(['small-parts-missing', 'Side keys'], [$small->because->code, $small->because->figures['parts']]);
        self::assertSame(Verdict::DoesNotFit, $fitting->verdict());
    }
}
