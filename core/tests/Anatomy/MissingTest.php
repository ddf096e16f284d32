<?php

declare(strict_types=1);

namespace Facelift\Tests\Anatomy;

use Facelift\Anatomy\Missing;
use Facelift\Anatomy\PhoneReader;
use Facelift\Capture\Capture;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Facelift\Capture\Likeness;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class MissingTest extends TestCase
{
    public function testAHoleThatALongScrewWouldComeThroughIsAskedFirst(): void
    {
        $missing = Missing::of((new PhoneReader())->read(Phones::provisional()));
        self::assertSame('missing-hole-long', $missing[0]->reason->code);
        self::assertSame('Bracket screw, long', $missing[0]->reason->figures['longer']);
        self::assertSame('fasteners[1]', $missing[0]->at);
        $codes = array_map(static fn(Missing $m): string => $m->reason->code, $missing);
        $at = static fn(string $code): int => (int) array_search($code, $codes, true);
        self::assertLessThan($at('missing-seen'), $at('missing-flex-zones'));
        self::assertSame('missing-hole', array_reverse($codes)[0] ?? '', 'the longest of its kind comes last');
    }

    public function testWhatIsMeasuredIsNotAskedAndADrawnPhoneMissesNothing(): void
    {
        $counted = new Captured(
            '0000abcd-0000-4000-8000-000000000001',
            1,
            CaptureKind::ScrewsCounted,
            'bracket-short',
            like: new Likeness(3, 1.3),
        );
        $file = (new Capture(Phones::provisional()))->of([$counted]);
        $at = array_map(static fn(Missing $m): string => $m->at, Missing::of((new PhoneReader())->read($file)));
        self::assertNotContains('fasteners[1]', $at);
        self::assertSame([], Missing::of(Phones::read('quillon-vesper')));
    }
}
