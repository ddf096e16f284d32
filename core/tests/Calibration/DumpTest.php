<?php

declare(strict_types=1);

namespace Facelift\Tests\Calibration;

use Facelift\Calibration\Dump;
use Facelift\Calibration\DumpDocument;
use Facelift\Calibration\IntelHex;
use Facelift\Document\Unreadable;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class DumpTest extends TestCase
{
    public function testReadsBackWhatItWrites(): void
    {
        $dump = Made::dump();
        $read = (new DumpDocument())->read(json_decode(self::text($dump), true));
        self::assertTrue($read->compare($dump)->isEqual());
        self::assertSame([$dump->panel, $dump->connector], [$read->panel, $read->connector]);
        self::assertSame(self::text($dump), self::text($read));
    }

    /** Any one character of what is said changed to another, or a member lost: refused, every time. */
    public function testFiveHundredSpoiledDumpsAreRefused(): void
    {
        $dice = new Dice(12);
        $text = self::text(Made::dump());
        $taken = [];
        for ($i = 0; $i < 500; ++$i) {
            $spoiled = self::spoiled($text, $dice);
            if (json_decode($spoiled, true) === json_decode($text, true)) {
                --$i;
                continue;
            }
            try {
                (new DumpDocument())->read(json_decode($spoiled, true));
                $taken[] = $spoiled;
            } catch (Unreadable $e) {
                self::assertNotSame([], $e->faults);
            }
        }
        self::assertSame([], $taken);
    }

    /** The same with Intel HEX, whose records are covered one by one: what is left out shows by the layout's size. */
    public function testFiveHundredSpoiledHexFilesAreRefused(): void
    {
        $dice = new Dice(13);
        $dump = Made::dump();
        $lines = explode("\n", trim((new IntelHex())->write($dump->bytes)));
        for ($i = 0; $i < 500; ++$i) {
            $spoiled = self::spoiledLines($lines, $dice);
            try {
                Dump::of($dump->panel, $dump->connector, $dump->layout, (new IntelHex())->read($spoiled));
                self::fail("taken:\n" . $spoiled);
            } catch (Unreadable $e) {
                self::assertNotSame([], $e->faults);
            }
        }
    }

    public function testNamesThePathAndBothFigures(): void
    {
        $data = (new DumpDocument())->write(Made::dump());
        $data['blocks'][1]['crc16'] = '0000';
        try {
            (new DumpDocument())->read($data);
            self::fail('taken');
        } catch (Unreadable $e) {
            self::assertSame('blocks[1].crc16', $e->faults[0]->path);
            $reason = $e->faults[0]->reason;
            self::assertMatchesRegularExpression('/^is 0000, what it covers gives [0-9A-F]{4}$/', $reason);
        }
    }

    /** The check sums hold, the layout does not: fields on top of each other, and past the end. */
    public function testRefusesALayoutThatCannotBe(): void
    {
        $data = (new DumpDocument())->write(Made::dump());
        $data['layout']['fields'][2]['at'] = 33;
        $data['layout']['fields'][4]['at'] = 254;
        $data['layout']['block'] = 33;
        $data['layout']['fields'][1]['count'] = 3;
        try {
            (new DumpDocument())->read($data);
            self::fail('taken');
        } catch (Unreadable $e) {
            $paths = array_column(array_map(get_object_vars(...), $e->faults), 'path');
            self::assertContains('layout.block', $paths);
            self::assertContains('layout.fields[1].count', $paths);
            self::assertContains('layout.fields[2].at', $paths);
            self::assertContains('layout.fields[4].at', $paths);
        }
    }

    public function testBytesMustBeAsManyAsTheLayoutHas(): void
    {
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage('bytes: are 255, the layout QV-A has 256');
        Dump::of('p', 'c', Made::layout(), str_repeat('x', 255));
    }

    private static function text(Dump $dump): string
    {
        return json_encode(
            (new DumpDocument())->write($dump),
            JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
        );
    }

    private static function spoiled(string $text, Dice $dice): string
    {
        $lines = explode("\n", $text);
        $at = $dice->int(0, \count($lines) - 1);
        switch ($dice->int(1, 4)) {
            case 1:
                unset($lines[$at]);

                return implode("\n", $lines);
            case 2:
                [$lines[$at], $lines[0]] = [$lines[0], $lines[$at]];

                return implode("\n", $lines);
            case 3:
                return substr($text, 0, $dice->int(0, \strlen($text) - 2));
            default:
                $place = $dice->int(0, \strlen($text) - 1);
                $text[$place] = $dice->pick(str_split('0123456789ABCDEFaz -.'));

                return $text;
        }
    }

    /** @param list<string> $lines */
    private static function spoiledLines(array $lines, Dice $dice): string
    {
        $at = $dice->int(0, \count($lines) - 1);
        switch ($dice->int(1, 4)) {
            case 1:
                unset($lines[$at]);
                break;
            case 2:
                $lines = [...\array_slice($lines, 0, $at), $lines[$at], ...\array_slice($lines, $at)];
                break;
            case 3:
                $lines[$at] = substr($lines[$at], 0, $dice->int(1, \strlen($lines[$at]) - 1));
                break;
            default:
                $place = $dice->int(1, \strlen($lines[$at]) - 1);
                $others = array_diff(str_split('0123456789ABCDEF'), [$lines[$at][$place]]);
                $lines[$at] = substr_replace($lines[$at], $dice->shuffled(array_values($others))[0], $place, 1);
        }

        return implode("\n", $lines) . "\n";
    }
}
