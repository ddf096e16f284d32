<?php

declare(strict_types=1);

namespace Facelift\Tests\Fit;

use Facelift\Anatomy\PanelTechnology as T;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Fit\Fitter;
use Facelift\Fit\HeightBudget;
use Facelift\Fit\Offer;
use Facelift\Fit\Sheet;
use Facelift\Fit\Verdict;
use Facelift\Fit\Wish;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FitterTest extends TestCase
{
    /**
     * @param list<string>      $codes
     * @param list<string>|null $brings
     */
    private static function vesper(
        array $codes = ['QV-2110'],
        K $kind = K::DisplayAssembly,
        ?string $connector = 'QV-46P',
        ?T $technology = T::Oled,
        ?string $colour = 'graphite',
        ?int $refresh = 60,
        ?array $brings = [],
        ?Sheet $sheet = null,
    ): Offer {
        return new Offer(
            $codes,
            $kind,
            $connector,
            $technology,
            $colour,
            $refresh,
            $brings,
            $sheet ?? self::sheet(),
        );
    }

    private static function sheet(
        ?float $width = 64.2,
        ?float $height = 138.6,
        ?int $wide = 1080,
        ?int $high = 2332,
        ?float $thickness = 1.35,
        ?bool $stylus = false,
        ?bool $reader = false,
        ?bool $memory = true,
    ): Sheet {
        return new Sheet(
            $width,
            $height,
            $wide,
            $high,
            $thickness,
            $stylus,
            $reader,
            $memory,
        );
    }

    /** A Vesper changed so that a criterion has something to bite on. */
    private static function phone(string $change): Phone
    {
        $spoiled = match ($change) {
            'reader' => ['panel' => ['readerUnderDisplay' => true]],
            'stylus' => ['parts' => [1 => ['functions' => ['image', 'brightness', 'touch', 'part-notice', 'stylus']]]],
            'lcd' => ['panel' => ['technology' => 'lcd']],
            default => [],
        };

        return (new PhoneReader())->read(array_replace_recursive(Phones::data('quillon-vesper'), $spoiled));
    }

    #[DataProvider('offers')]
    public function testCriterion(
        Offer $offer,
        string $criterion,
        Verdict $verdict,
        string $code,
        ?string $customer = null,
        string $phone = '',
        bool $straightFrame = false,
    ): void {
        $fitting = (new Fitter())->judge(
            self::phone($phone),
            new Wish('QV-2110', K::DisplayAssembly, 'graphite', $straightFrame),
            $offer,
        );
        $looked = false;
        foreach ($fitting->criteria as $c) {
            if ($c->name === $criterion) {
                self::assertSame([$verdict, $code, $customer], [$c->verdict, $c->because->code, $c->customer?->code]);
                $looked = true;
            } else {
                self::assertSame(Verdict::Fits, $c->verdict, $c->name);
            }
        }
        self::assertTrue($looked, $criterion);
        self::assertSame($verdict, $fitting->verdict());
        self::assertSame(
            $customer === null ? [] : [$customer],
            array_map(static fn($r): string => $r->code, $fitting->customer()),
        );
    }

    /**
     * @return iterable<string, array{
     *     0: Offer, 1: string, 2: Verdict, 3: string, 4?: string|null, 5?: string, 6?: bool
     * }>
     */
    public static function offers(): iterable
    {
        $loss = Verdict::FitsWithLoss;
        yield 'all right' => [self::vesper(), 'model-code', Verdict::Fits, 'code-listed'];
        yield 'another code' => [self::vesper(['QV-2199']), 'model-code', Verdict::DoesNotFit, 'code-not-listed'];
        yield 'another kind' => [self::vesper(kind: K::DisplayWithFrame), 'kind', Verdict::DoesNotFit, 'kind-differs'];
        yield 'another connector' => [
            self::vesper(connector: 'QV-40P'),
            'connector',
            Verdict::DoesNotFit,
            'connector-differs',
        ];
        yield 'connector not known' => [self::vesper(connector: null), 'connector', Verdict::Unknown, 'datum-missing'];
        yield 'hard OLED' => [
            self::vesper(technology: T::HardOled),
            'technology',
            $loss,
            'aftermarket-oled',
            'customer-aftermarket-oled',
        ];
        yield 'LCD for OLED' => [self::vesper(technology: T::Lcd), 'technology', $loss, 'lcd-for-oled', 'customer-lcd'];
        yield 'LCD over a reader' => [
            self::vesper(technology: T::Lcd, sheet: self::sheet(reader: true)),
            'technology',
            Verdict::DoesNotFit,
            'no-reader-through-lcd',
            null,
            'reader',
        ];
        yield 'OLED on an LCD board' => [
            self::vesper(technology: T::SoftOled),
            'technology',
            Verdict::DoesNotFit,
            'technology-differs',
            null,
            'lcd',
        ];
        yield 'technology not known' => [
            self::vesper(technology: null),
            'technology',
            Verdict::Unknown,
            'datum-missing',
        ];
        yield 'a millimetre too large' => [
            self::vesper(sheet: self::sheet(width: 65.2)),
            'size',
            Verdict::DoesNotFit,
            'size-too-large',
        ];
        yield 'wider bezel' => [
            self::vesper(sheet: self::sheet(width: 62.2)),
            'size',
            $loss,
            'size-smaller',
            'customer-wider-bezel',
        ];
        yield 'measured a little differently' => [
            self::vesper(sheet: self::sheet(width: 64.6, height: 138.2)),
            'size',
            Verdict::Fits,
            'size-same',
        ];
        yield 'size not known' => [
            self::vesper(sheet: self::sheet(height: null)),
            'size',
            Verdict::Unknown,
            'datum-missing',
        ];
        yield 'coarser' => [
            self::vesper(sheet: self::sheet(wide: 720, high: 1560)),
            'pixels',
            $loss,
            'pixels-differ',
            'customer-coarser-picture',
        ];
        yield 'pixels not known' => [
            self::vesper(sheet: self::sheet(wide: null)),
            'pixels',
            Verdict::Unknown,
            'datum-missing',
        ];
        yield 'no stylus layer' => [
            self::vesper(),
            'stylus-layer',
            $loss,
            'stylus-layer-missing',
            'customer-stylus-dead',
            'stylus',
        ];
        yield 'stylus layer not known' => [
            self::vesper(sheet: self::sheet(stylus: null)),
            'stylus-layer',
            Verdict::Unknown,
            'datum-missing',
            null,
            'stylus',
        ];
        yield 'stylus layer' => [
            self::vesper(sheet: self::sheet(stylus: true)),
            'stylus-layer',
            Verdict::Fits,
            'stylus-layer-in-it',
            null,
            'stylus',
        ];
        yield 'blind for the reader' => [
            self::vesper(),
            'reader',
            $loss,
            'reader-blind',
            'customer-fingerprint-lost',
            'reader',
        ];
        yield 'reader not known' => [
            self::vesper(sheet: self::sheet(reader: null)),
            'reader',
            Verdict::Unknown,
            'datum-missing',
            null,
            'reader',
        ];
        yield 'slower' => [self::vesper(refresh: 48), 'refresh', $loss, 'refresh-lower', 'customer-less-smooth'];
        yield 'refresh not known' => [self::vesper(refresh: null), 'refresh', Verdict::Unknown, 'datum-missing'];
        yield 'thicker' => [
            self::vesper(sheet: self::sheet(thickness: 1.55)),
            'thickness',
            $loss,
            'height-proud',
            'customer-stands-proud',
        ];
        yield 'much thicker' => [
            self::vesper(sheet: self::sheet(thickness: 1.9)),
            'thickness',
            Verdict::DoesNotFit,
            'height-not-held',
        ];
        yield 'too thin' => [
            self::vesper(sheet: self::sheet(thickness: 0.9)),
            'thickness',
            $loss,
            'height-sunk',
            'customer-sits-low',
        ];
        yield 'thickness not known' => [
            self::vesper(sheet: self::sheet(thickness: null)),
            'thickness',
            Verdict::Unknown,
            'datum-missing',
        ];
        yield 'no memory' => [
            self::vesper(sheet: self::sheet(memory: false)),
            'memory',
            $loss,
            'memory-missing',
            'customer-function-lost',
        ];
        yield 'memory not known' => [
            self::vesper(sheet: self::sheet(memory: null)),
            'memory',
            Verdict::Unknown,
            'datum-missing',
        ];
        yield 'another colour' => [
            self::vesper(colour: 'chalk'),
            'colour',
            $loss,
            'colour-differs',
            'customer-other-colour',
        ];
        yield 'colour not known' => [self::vesper(colour: null), 'colour', Verdict::Unknown, 'datum-missing'];
        yield 'bent frame stays' => [
            self::vesper(),
            'frame',
            $loss,
            'frame-stays-bent',
            'customer-frame-bent',
            '',
            true,
        ];
        yield 'paired part fitted' => [
            self::vesper(brings: ['earpiece-flex']),
            'paired-parts',
            $loss,
            'paired-part-fitted',
            'customer-own-part-moved',
        ];
    }

    public function testARegionalCodeTakesItsOwnPanel(): void
    {
        $phone = Phones::read('quillon-vesper');
        $wish = new Wish('QV-2114', K::DisplayAssembly, null);
        self::assertSame(
            Verdict::DoesNotFit,
            (new Fitter())->judge($phone, $wish, self::vesper(['QV-2114']))->verdict(),
        );
        self::assertSame(
            Verdict::Fits,
            (new Fitter())->judge($phone, $wish, self::vesper(['QV-2114'], connector: 'QV-46R'))->verdict(),
        );
    }

    public function testAFramedPartMustBringWhatItsKindBrings(): void
    {
        $fitting = (new Fitter())->judge(
            Phones::read('brasca-fern-5'),
            new Wish('BF5-E', K::DisplayWithFrame, null),
            new Offer(
                ['BF5-E'],
                K::DisplayWithFrame,
                'BF-40Z',
                T::Oled,
                'slate',
                90,
                ['mesh'],
            ),
        );
        $small = array_values(array_filter($fitting->criteria, static fn($c): bool => $c->name === 'small-parts'))[0];
        self::assertSame(
            ['small-parts-missing', 'Side keys'],
            [$small->because->code, $small->because->figures['parts']],
        );
        self::assertSame(Verdict::DoesNotFit, $fitting->verdict());
    }

    public function testGlassAloneIsJudgedWithoutAPanel(): void
    {
        $fitting = (new Fitter())->judge(
            Phones::read('quillon-vesper'),
            new Wish('QV-2110', K::GlassOnly, 'graphite'),
            new Offer(
                ['QV-2110'],
                K::GlassOnly,
                null,
                null,
                'graphite',
                null,
                [],
            ),
        );
        self::assertSame(Verdict::Fits, $fitting->verdict());
    }

    public function testWhatALineOfAListWouldFit(): void
    {
        $phones = array_map(Phones::read(...), ['quillon-vesper', 'brasca-fern-4', 'brasca-fern-5']);
        $offer = new Offer(
            ['BF4-E', 'BF5-E', 'XX-1'],
            K::DisplayAssembly,
            'BF-36Y',
            T::Oled,
            null,
            90,
            [],
            new Sheet(
                69.4,
                151.6,
                1080,
                2360,
                1.4,
            ),
        );
        self::assertSame(
            ['Brasca Fern 4 BF4-E' => Verdict::Fits, 'Brasca Fern 5 BF5-E' => Verdict::DoesNotFit],
            (new Fitter())->wouldFit($phones, $offer),
        );
    }

    /**
     * 1.55 + 0.30 − 1.75 = 0.10 proud; three tolerances of 0.05: worst 0.25, root of squares 0.10 + 0.0866.
     * Hand-worked.
     */
    public function testHeightBudgetWithTolerances(): void
    {
        $budget = HeightBudget::for(Phones::read('quillon-vesper'), 1.55);
        self::assertSame([0.1, 0.25, 0.1866], [$budget->proud(), $budget->worst(), $budget->likely()]);
    }
}
