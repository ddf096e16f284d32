<?php

declare(strict_types=1);

namespace Facelift\Tests\Calibration;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Calibration\Checksum;
use Facelift\Calibration\IntelHex;
use Facelift\Document\Unreadable;
use Facelift\Tests\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class IntelHexTest extends TestCase
{
    use TestTrait;

    /** The catalogue's check values of "123456789" (Catalogue of parametrised CRC algorithms, from memory). */
    public function testCheckSumsOfTheCatalogue(): void
    {
        self::assertSame(0xCBF43926, Checksum::crc32('123456789'));
        self::assertSame(0x29B1, Checksum::ccittFalse('123456789'));
        self::assertSame(0xFFFF, Checksum::ccittFalse(''));
    }

    /** The format's usual example record, check sum 40, read as it stands at 0 (from memory). */
    public function testReadsAndWritesTheKnownRecord(): void
    {
        $record = ':10010000214601360121470136007EFE09D2190140';
        $zeros = (new IntelHex())->write(str_repeat("\0", 256));
        $text = str_replace(":00000001FF\n", $record . "\n:00000001FF\n", $zeros);
        $bytes = (new IntelHex())->read($text);
        self::assertSame('214601360121470136007efe09d21901', bin2hex(substr($bytes, 256)));
        self::assertSame($text, (new IntelHex())->write($bytes));
    }

    public function testReadsBackWhatItWrites(): void
    {
        $this->minimumEvaluationRatio(0.9)
            ->limitTo(60)
            ->forAll(Generators::choose(1, 70_000), Generators::choose(0, 1 << 30))
            ->then(static function (int $size, int $seed): void {
                $dice = new Dice($seed);
                $random = hash('sha512', (string) $dice->int(0, 1 << 30), true);
                $bytes = substr(str_repeat($random, 1 + intdiv($size, 64)), 0, $size);
                self::assertSame($bytes, (new IntelHex())->read((new IntelHex())->write($bytes)));
            });
    }

    /** Records may come in any order; the segment form of the upper address counts in sixteens. */
    public function testTakesRecordsInAnyOrderAndBothFormsOfUpperAddresses(): void
    {
        $lines = explode("\n", trim((new IntelHex())->write(str_repeat('abcdefgh', 8192) . 'the end')));
        $upper = array_search(':020000040001F9', $lines, true);
        self::assertIsInt($upper);
        $lines[$upper] = ':020000021000EC';
        $end = array_pop($lines);
        $first = \array_slice($lines, 0, $upper);
        $text = implode("\r\n", [...array_reverse($first), ...\array_slice($lines, $upper), $end]);
        self::assertSame('the end', substr((new IntelHex())->read($text), -7));
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        $data = ':0400000001020304F2';
        yield 'no end' => [$data, 'has no end record'];
        yield 'wrong check sum' => [":0400000001020304F3\n:00000001FF", 'line 1: has the check sum F3, its bytes give'];
        yield 'no colon' => ["0400000001020304F2\n:00000001FF", 'line 1: must be a colon'];
        yield 'odd digits' => ["$data\n:00000001F", 'line 2: must be a colon'];
        yield 'count' => [":0500000001020304F1\n:00000001FF", 'line 1: says 5 bytes of data, holds 4'];
        yield 'gap' => ["$data\n:0400080001020304EA\n:00000001FF", 'line 2: begins at 8, the bytes before it end at 4'];
        yield 'twice' => ["$data\n$data\n:00000001FF", 'line 2: gives address 0 a second time'];
        yield 'after the end' => ["$data\n:00000001FF\n:0400040001020304EE", 'line 3: comes after the end record'];
        yield 'start address' => ["$data\n:0400000500000000F7\n:00000001FF", 'line 2: is a record of type 05'];
        yield 'upper address too short' => [":0100000400FB\n$data\n:00000001FF", 'line 1: is a record of type 04 with'];
        yield 'nothing' => [':00000001FF', 'holds no bytes'];
        yield 'empty' => ['', 'has no end record'];
    }

    #[DataProvider('bad')]
    public function testRefusesABadFileWithItsLine(string $text, string $message): void
    {
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage($message);
        (new IntelHex())->read($text);
    }
}
