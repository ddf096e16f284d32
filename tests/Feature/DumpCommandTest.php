<?php

declare(strict_types=1);

namespace Tests\Feature;

use Facelift\Calibration\Dump;
use Facelift\Calibration\DumpDocument;
use Facelift\Calibration\IntelHex;
use Facelift\Tests\Calibration\Made;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use Tests\TestCase;

/** `./facelift dump`: check, convert, compare. */
final class DumpCommandTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir() . '/facelift-dumps-' . bin2hex(random_bytes(6));
        File::makeDirectory($this->folder);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** There and back again over Intel HEX; Debian's python3-intelhex reads the same bytes. */
    public function testConvertsBothWaysAndAnotherReaderAgrees(): void
    {
        $dump = Made::dump([250 => "\x01\x02"]);
        $json = $this->written('old.json', $dump);
        $hex = $this->folder . '/old.hex';
        $back = $this->folder . '/back.json';
        self::assertSame(0, Artisan::call('facelift:dump', ['file' => [$json], '--hex' => $hex]));
        self::assertStringContainsString(sprintf('CRC-32 %08X', $dump->crc32()), Artisan::output());
        $script = 'import sys, intelhex; print(intelhex.IntelHex(sys.argv[1]).tobinstr().hex())';
        $read = Process::run(['/usr/bin/python3', '-c', $script, $hex]);
        self::assertSame(bin2hex($dump->bytes), trim($read->output()), $read->errorOutput());
        self::assertSame(0, Artisan::call('facelift:dump', ['file' => [$hex], '--like' => $json, '--json' => $back]));
        self::assertTrue($this->read($back)->compare($dump)->isEqual());
    }

    /** What the other program writes is read by ours. */
    public function testReadsWhatAnotherProgramWrote(): void
    {
        $dump = Made::dump();
        $hex = $this->folder . '/other.hex';
        $script = 'import sys, intelhex; h = intelhex.IntelHex(); h.frombytes(bytes.fromhex(sys.argv[2])); '
            . 'h.write_hex_file(sys.argv[1])';
        $ran = Process::run(['/usr/bin/python3', '-c', $script, $hex, bin2hex($dump->bytes)]);
        self::assertSame(0, $ran->exitCode(), $ran->errorOutput());
        self::assertSame($dump->bytes, (new IntelHex())->read(File::get($hex)));
    }

    public function testSaysInWordsHowTwoDumpsDiffer(): void
    {
        $first = $this->written('first.json', Made::dump());
        $second = $this->written('second.json', Made::dump([64 => pack('v', 1298), 200 => "\0"]));
        self::assertSame(0, Artisan::call('facelift:dump', ['file' => [$first, $second]]));
        $said = Artisan::output();
        self::assertStringContainsString('Ambient light gain: 1.180, then 1.298: +10.0 %.', $said);
        self::assertStringContainsString('1 byte differs that no field is known for, the first at 00C8.', $said);
    }

    public function testNeverOverwritesADump(): void
    {
        $first = $this->written('first.json', Made::dump());
        $second = $this->written('second.json', Made::dump([64 => "\0\0"]));
        $was = File::get($second);
        self::assertSame(1, Artisan::call('facelift:dump', ['file' => [$first], '--json' => $second]));
        self::assertStringContainsString('is there already: not overwritten', Artisan::output());
        self::assertSame($was, File::get($second));
    }

    public function testRefusesBadFilesWithTheirPathAndWritesNothing(): void
    {
        $good = $this->written('good.json', Made::dump());
        $bad = $this->folder . '/bad.json';
        File::put($bad, str_replace('QV-46P 0713', 'QV-46P 0714', File::get($good)));
        $hex = $this->folder . '/short.hex';
        File::put($hex, (new IntelHex())->write(str_repeat('x', 255)));
        $out = $this->folder . '/out.hex';
        $call = ['file' => [$good, $bad, $hex, '/no/such'], '--like' => $good, '--hex' => $out];
        self::assertSame(1, Artisan::call('facelift:dump', $call));
        $said = Artisan::output();
        self::assertMatchesRegularExpression('/bad\.json: headCrc32: is [0-9A-F]{8}, what it covers gives/', $said);
        self::assertStringContainsString('short.hex: bytes: are 255, the layout QV-A has 256', $said);
        self::assertStringContainsString('/no/such: cannot be read', $said);
        self::assertFileDoesNotExist($out);
    }

    public function testAFileOfHexNamesNoPanel(): void
    {
        $hex = $this->folder . '/a.hex';
        File::put($hex, (new IntelHex())->write(Made::dump()->bytes));
        self::assertSame(1, Artisan::call('facelift:dump', ['file' => [$hex]]));
        self::assertStringContainsString('say with --like whose layout it has', Artisan::output());
    }

    private function written(string $name, Dump $dump): string
    {
        $path = $this->folder . '/' . $name;
        File::put($path, json_encode((new DumpDocument())->write($dump), JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));

        return $path;
    }

    private function read(string $path): Dump
    {
        return (new DumpDocument())->read(json_decode(File::get($path), true, 16, JSON_THROW_ON_ERROR));
    }
}
