<?php

declare(strict_types=1);

namespace Tests\Feature;

use Facelift\Tests\Schedule\DayReaderTest;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Process;
use Tests\Schemas;
use Tests\TestCase;

final class CommandsTest extends TestCase
{
    public function testPlanPrintsThePlanDocument(): void
    {
        $code = Artisan::call('facelift:plan', [
            'file' => base_path('phones/quillon-vesper.phone.json'),
            '--part' => 'display-assembly',
            '--source' => 'plate:85',
            '--fault' => 'cracked-glass,spots',
            '--json' => true,
        ]);
        self::assertSame(0, $code);
        $document = json_decode(Artisan::output(), false, 64, JSON_THROW_ON_ERROR);
        self::assertSame([], Schemas::faults($document, 'schemas/plan.schema.json'));
    }

    public function testPlanSaysWhatIsWrongWithItsOptions(): void
    {
        foreach (
            [
                ['--part' => 'lid'],
                ['--part' => 'display-assembly', '--source' => 'oven:200'],
                ['--part' => 'display-assembly', '--fault' => 'sad'],
                ['--part' => 'digitizer-only'],
                ['--part' => 'display-assembly', '--source' => 'plate:400'],
            ] as $options
        ) {
            self::assertSame(
                1,
                Artisan::call('facelift:plan', ['file' => base_path('phones/quillon-vesper.phone.json')] + $options),
            );
            self::assertNotSame('', trim(Artisan::output()));
        }
    }

    public function testWithoutASourceTheRecommendedOneIsTaken(): void
    {
        // The usual plate does not open strong glue.
        $sorrel = ['file' => base_path('phones/maruvi-sorrel.phone.json'), '--part' => 'display-assembly'];
        self::assertSame(1, Artisan::call('facelift:plan', $sorrel + ['--source' => 'plate:85']));
        self::assertSame(0, Artisan::call('facelift:plan', $sorrel));
        $held = ['--source' => 'air:130,30,80', '--hold' => true, '--preheat' => 'plate:95'];
        self::assertSame(0, Artisan::call('facelift:plan', $sorrel + $held + ['--json' => true]));
        $plan = json_decode(Artisan::output(), true, 64, JSON_THROW_ON_ERROR);
        self::assertIsArray($plan);
        self::assertTrue($plan['hold']);
        self::assertSame(1, Artisan::call('facelift:plan', $sorrel + ['--source' => 'plate:85', '--hold' => true]));
    }

    public function testAPhoneNobodyHasDrawnIsWrittenCheckedAndPlannedWithRanges(): void
    {
        $size = ['--family' => 'front-opening', '--size' => '71.5x146.7x7.6'];
        self::assertSame(0, Artisan::call('facelift:provisional', $size));
        $file = (string) tempnam(sys_get_temp_dir(), 'phone');
        file_put_contents($file, Artisan::output());
        self::assertSame(0, Artisan::call('facelift:check', ['file' => [$file]]), Artisan::output());
        $job = ['file' => $file, '--part' => 'display-assembly', '--fault' => 'cracked-glass'];
        self::assertSame(0, Artisan::call('facelift:plan', $job));
        self::assertMatchesRegularExpression('/Screws \d+ to \d+, hands-on \d+ to \d+ min/', Artisan::output());
        $wrong = ['7x146.7x7.6' => 'width 7', '71.5x300x7.6' => 'height 300', '71.5x146.7x2' => 'thickness 2'];
        foreach ($wrong as $bad => $said) {
            self::assertSame(1, Artisan::call('facelift:provisional', ['--size' => $bad] + $size));
            self::assertStringContainsString("--size: $said mm must lie between", Artisan::output());
        }
        unlink($file);
    }

    public function testCheckPrintsFilePathAndReasonAndFails(): void
    {
        self::assertSame(
            0,
            Artisan::call('facelift:check', [
                'file' => [base_path('phones/quillon-vesper.phone.json'), base_path('phones/brasca-fern-5.phone.json')],
            ]),
        );
        self::assertSame('', Artisan::output());
        $bad = (string) tempnam(sys_get_temp_dir(), 'phone');
        $data = json_decode((string) file_get_contents(base_path('phones/quillon-vesper.phone.json')), true);
        assert(is_array($data));
        $data['family'] = 'sliding';
        file_put_contents($bad, json_encode($data));
        self::assertSame(1, Artisan::call('facelift:check', ['file' => [$bad, '/no/such/file']]));
        $output = Artisan::output();
        self::assertSame(1, Artisan::call('facelift:plan', ['file' => $bad, '--part' => 'display-assembly']));
        self::assertStringContainsString("$bad: phone file refused: family", Artisan::output());
        // Twice named, and too large to be looked at.
        file_put_contents($bad, '{"family": "slate", "family": "sliding"}');
        self::assertSame(1, Artisan::call('facelift:check', ['file' => [$bad]]));
        self::assertStringContainsString("$bad: family: stands a second time, in line 1", Artisan::output());
        $handle = fopen($bad, 'w');
        assert($handle !== false);
        ftruncate($handle, 56_000_000);
        fclose($handle);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        self::assertSame(1, Artisan::call('facelift:check', ['file' => [$bad]]));
        self::assertStringContainsString("$bad: \$: has 56.0 MB, and no more than 2 are read", Artisan::output());
        self::assertLessThan($before + 20_000_000, memory_get_peak_usage());
        unlink($bad);
        self::assertStringContainsString("$bad: family: must be one of front-opening", $output);
        self::assertStringContainsString('/no/such/file: $: cannot be read', $output);
    }

    public function testProgressIsNotOnStandardOutput(): void
    {
        $ran = Process::path(base_path())
            ->env([
                'ROOT' => base_path(),
                'FACELIFT_VAR' => sys_get_temp_dir() . '/facelift-progress',
                'FACELIFT_RUN' => '',
            ])
            ->run(['bash', '-c', '. bin/lib/common.sh; quiet progress fetching true; echo "{}"']);
        self::assertSame("{}\n", $ran->output());
        self::assertStringContainsString('fetching: done', $ran->errorOutput());
    }

    public function testAJobShopIsScheduledAndSaysHowNearToTheBest(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'shop');
        file_put_contents($file, "2 2\n0 3 1 2\n1 4 0 1\n");
        self::assertSame(0, Artisan::call('facelift:schedule', ['file' => $file]));
        self::assertStringContainsString('length 6, bound 6: proven to be the best', Artisan::output());
        file_put_contents($file, "2 2\n0 3 1 two\n1 4 0 1\n");
        self::assertSame(1, Artisan::call('facelift:schedule', ['file' => $file]));
        self::assertStringContainsString('line 2', Artisan::output());
        unlink($file);
    }

    public function testADayIsScheduledAndItIsSaidHowNearToTheBestThatIs(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'day');
        file_put_contents($file, json_encode(DayReaderTest::day()));
        self::assertSame(0, Artisan::call('facelift:schedule', ['file' => $file]));
        $said = Artisan::output();
        self::assertStringContainsString('T-0001 is ready Thu 11:00:00', $said);
        self::assertStringContainsString('proven to be the best', $said);
        file_put_contents($file, '{"format": "facelift-day"}');
        self::assertSame(1, Artisan::call('facelift:schedule', ['file' => $file]));
        self::assertStringContainsString('people', Artisan::output());
        unlink($file);
    }
}
