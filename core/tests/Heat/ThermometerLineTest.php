<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Heat\ThermometerLine;
use Facelift\Tests\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ThermometerLineTest extends TestCase
{
    /**
     * The sum worked out by hand: F 70, T 84, 1 49, blank 32, T 84, 7 55, blank 32, 000412 295, blank 32, 0742 205:
     * 938 = 3·256 + 170 = AA.
     */
    public function testALineIsRead(): void
    {
        $line = ThermometerLine::parse("FT1 T7 000412 0742 AA\n");
        self::assertNotNull($line);
        self::assertSame(['T7', 412, 742], [$line->device, $line->sequence, $line->tenths]);
    }

    public function testAnOpenProbeHasNoTemperature(): void
    {
        $text = 'FT1 T7 000001 open';
        $line = ThermometerLine::parse(
            $text . ' ' . \sprintf('%02X', array_sum(array_map(\ord(...), str_split($text))) % 256),
        );
        self::assertNotNull($line);
        self::assertNull($line->tenths);
    }

    #[DataProvider('bad')]
    public function testABadLineIsNoReading(string $line): void
    {
        self::assertNull(ThermometerLine::parse($line));
    }

    /** @return iterable<string, array{string}> */
    public static function bad(): iterable
    {
        yield 'nothing' => [''];
        yield 'a wrong sum' => ['FT1 T7 000412 0742 AB'];
        yield 'another format' => ['FT2 T7 000412 0742 AB'];
        yield 'half of it' => ['FT1 T7 000412 07'];
        yield 'a figure too long' => ['FT1 T7 000412 10742 DB'];
        yield 'out of range' => ['FT1 T7 000412 9999 C2'];
        yield 'something behind it' => ["FT1 T7 000412 0742 AA\nFT1"];
    }

    /** Any one digit changed is noticed: a sum sees every single change. */
    public function testNoSingleGarbledDigitIsTaken(): void
    {
        $good = 'FT1 T7 000412 0742 AA';
        $dice = new Dice(5);
        for ($i = 0; $i < 300; ++$i) {
            $at = $dice->int(0, \strlen($good) - 1);
            $spoilt = $good;
            $spoilt[$at] = \chr($dice->int(32, 126));
            self::assertSame($spoilt === $good, ThermometerLine::parse($spoilt) !== null, $spoilt);
        }
    }
}
