<?php

declare(strict_types=1);

namespace Facelift\Tests\Calibration;

use Facelift\Calibration\Chromaticity;
use Facelift\Calibration\Dump;
use Facelift\Calibration\DumpComparison;
use Facelift\Calibration\FieldKind;
use Facelift\Calibration\MemoryLayout;
use Facelift\Document\Reason;
use PHPUnit\Framework\TestCase;

final class DumpComparisonTest extends TestCase
{
    public function testTheSameBytesAreEqual(): void
    {
        $compared = Made::dump()->compare(Made::dump());
        self::assertTrue($compared->isEqual());
        self::assertSame(['dump-equal'], self::codes($compared));
    }

    /** Illuminant D65 in u′v′: 0.1978, 0.4683 (CIE 15:2004, from memory). */
    public function testWhiteOfD65(): void
    {
        [$u, $v] = (new Chromaticity(0.3127, 0.3290))->uniform();
        self::assertEqualsWithDelta(0.1978, $u, 0.0001);
        self::assertEqualsWithDelta(0.4683, $v, 0.0001);
    }

    /**
     * By hand: (0.3227, 0.3390) has u′ 1.2908 / 6.4226 = 0.20098, v′ 3.0510 / 6.4226 = 0.47504; D65 0.19783 and
     * 0.46832: √(0.00315² + 0.00672²) = 0.0074 apart.
     */
    public function testSaysWhichFieldDiffersAndByHowMuch(): void
    {
        $other = Made::dump([
            32 => pack('v2', 3227, 3390),
            36 => pack('v', 9900),
            64 => pack('v', 1298),
            96 => pack('V', 12),
            0 => 'QV46P-0999',
        ]);
        $compared = Made::dump()->compare($other);
        self::assertFalse($compared->isEqual());
        self::assertSame(
            [
                FieldKind::PartNumber, FieldKind::WhitePoint, FieldKind::ColourMatrix,
                FieldKind::AmbientGain, FieldKind::Counter,
            ],
            array_map(static fn($d): FieldKind => $d->field->kind, $compared->fields),
        );
        self::assertSame('0.0074', $compared->said[1]->figures['by']);
        self::assertSame(['count' => 1, 'most' => '0.0100'], self::but($compared->said[2], 'name'));
        // 1298 / 1180 = 1.1 exactly.
        self::assertSame('+10.0', $compared->said[3]->figures['percent']);
        self::assertSame(['first' => '4211', 'second' => '12'], self::but($compared->said[4], 'name'));
    }

    public function testNumbersBelowZeroAreReadAsSuch(): void
    {
        $matrix = Made::layout()->of(FieldKind::ColourMatrix)[0];
        $numbers = $matrix->numbers(Made::dump()->bytes);
        self::assertEqualsWithDelta([1.0, -0.02, 0.005, 0.012, 0.98, 0.001, 0.0, -0.001, 0.995], $numbers, 1e-9);
    }

    public function testABitFlippedOutsideOfEveryFieldIsADifference(): void
    {
        $compared = Made::dump()->compare(Made::dump([200 => "\xFE", 255 => "\x00"]));
        self::assertFalse($compared->isEqual());
        self::assertSame([200, 255], $compared->unknown);
        self::assertSame(['count' => 2, 'first' => '00C8'], $compared->said[0]->figures);
    }

    public function testOfAnotherLayoutNothingIsComparedFieldByField(): void
    {
        $layout = new MemoryLayout('TQ-B', 256, 32, []);
        $compared = Made::dump()->compare(Dump::of('p', 'c', $layout, Made::dump()->bytes));
        self::assertFalse($compared->comparable);
        self::assertFalse($compared->isEqual());
        self::assertSame(['dump-other-layout'], self::codes($compared));
    }

    /** @return list<string> */
    private static function codes(DumpComparison $compared): array
    {
        return array_map(static fn(Reason $r): string => $r->code, $compared->said);
    }

    /** @return array<string, string|float|int> */
    private static function but(Reason $reason, string $key): array
    {
        return array_diff_key($reason->figures, [$key => 0]);
    }
}
