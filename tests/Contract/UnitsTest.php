<?php

declare(strict_types=1);

namespace Tests\Contract;

use App\Words\ShownUnits;
use Facelift\Schedule\LengthUnit;
use Facelift\Schedule\TemperatureUnit;
use PHPUnit\Framework\TestCase;

/** Paper says a figure as the page says it: both are tried with the same texts. */
final class UnitsTest extends TestCase
{
    public function testPaperSaysAFigureAsThePageDoes(): void
    {
        $cases = json_decode((string) file_get_contents(__DIR__ . '/../../contract/units.json'), true);
        self::assertIsArray($cases);
        self::assertNotSame([], $cases);
        foreach ($cases as $case) {
            self::assertIsArray($case);
            self::assertIsString($case['text']);
            self::assertIsString($case['temperature']);
            self::assertIsString($case['length']);
            $units = new ShownUnits(
                TemperatureUnit::from($case['temperature']),
                LengthUnit::from($case['length']),
            );
            self::assertSame($case['shown'], $units->in($case['text']));
        }
    }

    public function testOnlyWhatIsWrittenIsConverted(): void
    {
        $units = new ShownUnits(TemperatureUnit::Fahrenheit, LengthUnit::Inch);
        self::assertSame(
            '<p title="20 °C" style="width: 40 mm">68 °F</p>',
            $units->inHtml('<p title="20 °C" style="width: 40 mm">20 °C</p>'),
        );
    }
}
