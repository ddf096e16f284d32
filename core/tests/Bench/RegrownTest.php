<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\PhoneReader;
use Facelift\Bench\Regrown;
use Facelift\Capture\Capture;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RegrownTest extends TestCase
{
    /**
     * Wherever the phone stands when more of it is known: what was done stays done, and the rest is worked to the end
     * without a refusal.
     */
    #[TestWith(['power-off'])]
    #[TestWith(['cut-pass:seal#2'])]
    #[TestWith(['unscrew:bracket-short'])]
    #[TestWith(['gate:trial'])]
    public function testWhatWasDoneStaysAndTheRestIsWorkedToTheEnd(string $until): void
    {
        $base = Phones::provisional();
        $bench = new Runs(Phones::planFor((new PhoneReader())->read($base)));
        $bench->workUpTo($until);
        $done = array_keys($bench->state()->done);
        $more = new Captured(
            '0000abcd-0000-4000-8000-000000000001',
            1,
            CaptureKind::MoreScrews,
            name: 'Earpiece screws, inner',
            under: ['earpiece-flex'],
            count: 2,
        );
        $known = (new PhoneReader())->read((new Capture($base))->of([$more]));
        $plan = (new Regrown($bench->run))->into(Phones::planFor($known));
        self::assertSame([], array_diff($done, array_keys($plan->steps)), 'every step that was done is in it');
        self::assertArrayHasKey('unscrew:' . $more->makes(), $plan->steps);
        $next = $bench->under($plan);
        self::assertSame($done, array_keys($next->state()->done));
        $next->workUpTo(null);
        self::assertNull($next->next());
        self::assertSame([], $next->run->astray());
    }
}
