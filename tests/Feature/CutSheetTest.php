<?php

declare(strict_types=1);

namespace Tests\Feature;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Condition;
use Facelift\Document\Unreadable;
use Facelift\Geometry\Leg;
use Facelift\Seal\CutDrawing;
use Facelift\Seal\DxfSheet;
use Facelift\Seal\FlatPiece;
use Facelift\Seal\Piece;
use Facelift\Seal\SealRequest;
use Facelift\Seal\Way;
use Facelift\Seal\WayFinder;
use Facelift\Tests\Phones;
use Illuminate\Support\Facades\Artisan;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What is written is read back by programs that are not ours. */
final class CutSheetTest extends TestCase
{
    /** Debian's python3-ezdxf: closed polylines on one layer a width, each of the area that is stated. */
    public function testTheDxfIsReadByAnotherReader(): void
    {
        $drawing = self::drawing(Way::Tape);
        $file = self::written('dxf', (new DxfSheet($drawing))->dxf());
        $script = <<<'PY'
            import sys, json, ezdxf
            from ezdxf.math import area
            d = ezdxf.readfile(sys.argv[1])
            out = []
            for e in d.modelspace():
                pts = [v.dxf.location for v in e.vertices]
                out.append([e.dxf.layer, bool(e.is_closed), abs(area(pts))])
            print(json.dumps([d.dxfversion, d.audit().has_errors, out]))
            PY;
        $read = json_decode(self::told('/usr/bin/python3', '-c', $script, $file), true, 8, JSON_THROW_ON_ERROR);
        self::assertIsArray($read);
        self::assertSame(['AC1009', false], [$read[0], $read[1]]);
        assert(is_array($read[2]));
        $tape = array_values(array_filter(
            $read[2],
            static fn(mixed $e): bool => is_array($e) && is_string($e[0]) && str_starts_with($e[0], 'TAPE_'),
        ));
        self::assertCount(count($drawing->pieces), $tape);
        foreach ($drawing->pieces as $i => $piece) {
            self::assertSame([DxfSheet::layer($piece->stock), true], [$tape[$i][0] ?? null, $tape[$i][1] ?? null]);
            self::assertEqualsWithDelta($piece->area(), $tape[$i][2] ?? 0, 0.01);
        }
    }

    /** The bead's arcs as bulges: ezdxf flattens them, the length is the bead's. */
    public function testTheBeadInTheDxfIsAsLongAsItIs(): void
    {
        $drawing = self::drawing(Way::Bead);
        $file = self::written('dxf', (new DxfSheet($drawing))->dxf());
        $script = <<<'PY'
            import sys, ezdxf
            from ezdxf import path
            d = ezdxf.readfile(sys.argv[1])
            total = 0.0
            for e in d.modelspace().query('POLYLINE[layer=="BEAD"]'):
                p = list(path.make_path(e).flattening(0.001))
                total += sum(a.distance(b) for a, b in zip(p, p[1:]))
            print(total)
            PY;
        $read = (float) self::told('/usr/bin/python3', '-c', $script, $file);
        self::assertEqualsWithDelta(self::length($drawing), $read, 0.05);
    }

    /** Poppler: A4, and the bar of 50 mm is 50 mm of ink. */
    public function testThePdfPrintsAtItsTrueSize(): void
    {
        $pdf = (string) tempnam(sys_get_temp_dir(), 'cut');
        self::assertSame(0, Artisan::call('facelift:seal', [
            'file' => base_path('phones/brasca-fern-5.phone.json'),
            '--part' => 'display-assembly',
            '--way' => 'tape',
            '--pdf' => $pdf,
        ]));
        self::assertStringContainsString('595.276 x 841.89', self::told('pdfinfo', $pdf));
        self::told(
            'pdftoppm',
            '-r',
            '254',
            '-gray',
            '-singlefile',
            $pdf,
            $pdf,
        );
        // 254 dots an inch are ten a mm: the row through the bar, left of its label.
        $image = imagecreatefromstring(self::pgmAsPng($pdf . '.pgm'));
        self::assertNotFalse($image);
        $dark = 0;
        for ($x = 0; $x < 620; ++$x) {
            $dark += (imagecolorat($image, $x, 2875) & 0xFF) < 128 ? 1 : 0;
        }
        self::assertEqualsWithDelta(500, $dark, 6);
        unlink($pdf . '.pgm');
        unlink($pdf);
    }

    public function testTheCommandSaysWhatIsWrong(): void
    {
        $fern = ['file' => base_path('phones/brasca-fern-5.phone.json'), '--part' => 'display-assembly'];
        foreach (
            [
                ['--part' => 'lid'] + $fern,
                ['--bond' => 'battery-tape'] + $fern,
                ['--way' => 'nails'] + $fern,
                ['--way' => 'fitted'] + $fern,
                ['--svg' => '/nowhere/at/all.svg'] + $fern,
                ['file' => 'nothing.json'] + $fern,
            ] as $options
        ) {
            self::assertSame(1, Artisan::call('facelift:seal', $options));
            self::assertNotSame('', trim(Artisan::output()));
        }
        self::assertSame(0, Artisan::call('facelift:seal', $fern));
        self::assertStringContainsString('tape with a bead at its outer edge', Artisan::output());
    }

    /** Folded round the corner, a notched piece is as long outside as it is flat. */
    public function testAFlatPieceHasItsNotches(): void
    {
        foreach (self::drawing(Way::Tape)->pieces as $piece) {
            $flat = (new FlatPiece($piece))->shape();
            self::assertEqualsWithDelta($piece->area(), $flat->area(), 0.02, $piece->place->value);
            self::assertEqualsWithDelta($piece->length, $flat->bounds()->width, 0.01);
        }
        self::assertGreaterThan(0, count(array_filter(
            self::drawing(Way::Tape)->pieces,
            static fn(Piece $p): bool => $p->notch !== null,
        )));
    }

    private static function drawing(Way $way): CutDrawing
    {
        $phone = self::phone('brasca-fern-4');
        $request = new SealRequest(
            $phone,
            $phone->bonds['display-tape'],
            $phone->replacement(ReplacementKind::DisplayAssembly),
            Condition::observed([]),
        );
        $offer = (new WayFinder())->find($request)->by($way);
        self::assertNotNull($offer);

        return CutDrawing::of($request, $offer);
    }

    /** @throws Unreadable */
    private static function phone(string $id): Phone
    {
        return (new PhoneReader())->read(Phones::data($id));
    }

    private static function length(CutDrawing $drawing): float
    {
        return array_sum(array_map(
            static fn(array $legs): float => array_sum(array_map(static fn(Leg $l): float => $l->length(), $legs)),
            $drawing->stretches,
        ));
    }

    private static function written(string $kind, string $text): string
    {
        $file = tempnam(sys_get_temp_dir(), 'cut') . '.' . $kind;
        file_put_contents($file, $text);

        return $file;
    }

    private static function pgmAsPng(string $file): string
    {
        return self::told('/usr/bin/python3', '-c', <<<'PY'
            import sys, zlib, struct
            data = open(sys.argv[1], 'rb').read()
            head = data.split(b'\n', 3)
            w, h = map(int, head[1].split())
            raw = head[3]
            rows = b''.join(b'\0' + raw[y * w:(y + 1) * w] for y in range(h))
            chunk = lambda t, d: struct.pack('>I', len(d)) + t + d + struct.pack('>I', zlib.crc32(t + d))
            out = b'\x89PNG\r\n\x1a\n' + chunk(b'IHDR', struct.pack('>IIBBBBB', w, h, 8, 0, 0, 0, 0))
            sys.stdout.buffer.write(out + chunk(b'IDAT', zlib.compress(rows)) + chunk(b'IEND', b''))
            PY, $file);
    }

    private static function told(string ...$command): string
    {
        return (new Process(array_values($command)))->mustRun()->getOutput();
    }
}
