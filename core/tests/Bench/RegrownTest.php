<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\Regrown;
use Facelift\Capture\Capture;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Facelift\Capture\FamilyFile;
use Facelift\Capture\Provisional;
use Facelift\Capture\Told;
use Facelift\Condition\Condition;
use Facelift\Heat\Source;
use Facelift\Plan\Plan;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
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
        $base = self::base();
        $bench = new Runs(self::plan((new PhoneReader())->read($base)));
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
        $plan = (new Regrown($bench->run))->into(self::plan($known));
        self::assertSame([], array_diff($done, array_keys($plan->steps)), 'every step that was done is in it');
        self::assertArrayHasKey('unscrew:' . $more->makes(), $plan->steps);
        $next = $bench->under($plan);
        self::assertSame($done, array_keys($next->state()->done));
        $next->workUpTo(null);
        self::assertNull($next->next());
        self::assertSame([], $next->run->astray());
    }

    /** @return array<string, mixed> */
    private static function base(): array
    {
        $file = __DIR__ . '/../../../phones/families/front-opening.family.json';
        $family = FamilyFile::read(json_decode((string) file_get_contents($file), true, 64, \JSON_THROW_ON_ERROR));

        return (new Provisional($family))->of(new Told(
            'Ondrel',
            'Knot',
            'OK-1',
            71.0,
            148.0,
            8.0,
        ));
    }

    private static function plan(Phone $phone): Plan
    {
        $kind = $phone->replacement(K::DisplayAssembly);

        return (new Planner())->plan(new Request($phone, $kind, Condition::observed([]), Source::plate(85.0)));
    }
}
