<?php

declare(strict_types=1);

namespace Facelift\Tests\Fit;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Document\Reason;
use Facelift\Fit\AfterSwap;
use Facelift\Fit\DataWay;
use Facelift\Fit\Fate;
use Facelift\Fit\Sheet;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Common practice, no source: copying keeps the function, not the notice; a notice may go by the chip. */
final class AfterSwapTest extends TestCase
{
    /** @return iterable<string, array{string, K, Sheet, DataWay, Fate|null, Fate|null}> colours, then the notice */
    public static function ways(): iterable
    {
        [$vesper, $larch, $display] = ['quillon-vesper', 'brasca-larch', K::DisplayAssembly];
        $framed = K::DisplayWithFrame;
        $with = new Sheet(memory: true);
        yield 'own panel' => [$vesper, K::GlassOnly, new Sheet(), DataWay::Own, Fate::Kept, Fate::NotShown];
        yield 'copied' => [$vesper, $display, $with, DataWay::Copy, Fate::Kept, Fate::Shown];
        yield 'not copied' => [$vesper, $display, $with, DataWay::Leave, Fate::Lost, Fate::Shown];
        yield 'nothing known' => [$vesper, $display, new Sheet(), DataWay::Copy, Fate::Unknown, Fate::Shown];
        yield 'no memory, copied' => [$vesper, $display, new Sheet(memory: false), DataWay::Copy, null, null];
        yield 'no memory' => [$vesper, $display, new Sheet(memory: false), DataWay::Leave, Fate::Lost, Fate::Shown];
        $place = new Sheet(memory: false, chipPlace: true);
        yield 'no place for the chip' => [$vesper, $display, $with, DataWay::Chip, null, null];
        yield 'chip moved' => [$vesper, $display, $place, DataWay::Chip, Fate::Kept, Fate::NotShown];
        yield 'notice goes by copying' => [$larch, $framed, $with, DataWay::Copy, Fate::Kept, Fate::NotShown];
        yield 'notice stays uncopied' => [$larch, $framed, $with, DataWay::Leave, Fate::Lost, Fate::Shown];
        yield 'nothing is known of the chip' => [$larch, $framed, $place, DataWay::Chip, null, null];
    }

    #[DataProvider('ways')]
    public function testWhatIsSeen(
        string $phone,
        K $kind,
        Sheet $sheet,
        DataWay $by,
        ?Fate $colours,
        ?Fate $notice,
    ): void {
        $way = AfterSwap::of(Phones::read($phone)->panel, $kind, $sheet)->by($by);
        $seen = [];
        foreach ($way->rows ?? [] as $row) {
            $seen[$row->function->value] = $row->fate;
        }
        self::assertSame($colours, $seen[PhoneFunction::ColourAdapting->value] ?? null);
        self::assertSame($notice, $seen[PhoneFunction::PartNotice->value] ?? null);
    }

    public function testTheWayThatKeepsMostIsTheUsualOne(): void
    {
        $panel = Phones::read('quillon-vesper')->panel;
        $usual = static fn(Sheet $s): ?DataWay => AfterSwap::of($panel, K::DisplayAssembly, $s)->usual()?->way;
        self::assertSame(DataWay::Copy, $usual(new Sheet(memory: true, chipPlace: true)));
        $place = new Sheet(memory: false, chipPlace: true);
        self::assertSame(DataWay::Leave, $usual($place), 'nobody moves a chip unasked');
    }

    public function testThereIsNothingToDecideForAPhoneWithoutMemoryAndNotice(): void
    {
        $panel = Phones::read('brasca-fern-5')->panel;
        self::assertSame([], AfterSwap::of($panel, K::DisplayAssembly, new Sheet(memory: true))->ways);
    }

    public function testWhatIsLostIsHeard(): void
    {
        $panel = Phones::read('quillon-vesper')->panel;
        foreach ([new Sheet(memory: false), new Sheet(memory: true), new Sheet(pulled: true)] as $sheet) {
            foreach (AfterSwap::of($panel, K::DisplayAssembly, $sheet)->ways as $way) {
                $lost = array_filter($way->rows, static fn($r): bool => $r->fate === Fate::Lost);
                $heard = array_filter($way->hears, static fn(Reason $r): bool => $r->code === 'customer-function-lost');
                self::assertCount(\count($lost), $heard);
            }
        }
        $pulled = AfterSwap::of($panel, K::DisplayAssembly, new Sheet(memory: true, pulled: true))->by(DataWay::Leave);
        $heard = array_map(static fn(Reason $r): string => $r->code, $pulled->hears ?? []);
        self::assertContains('customer-pulled-part', $heard);
    }

    public function testANoticeSaysForHowLongItStandsInFront(): void
    {
        $panel = Phones::read('quillon-vesper')->panel;
        $way = AfterSwap::of($panel, K::DisplayAssembly, new Sheet(memory: true))->usual();
        self::assertEquals(new Reason('customer-notice-days', ['days' => 4]), $way->hears[2] ?? null);
    }
}
