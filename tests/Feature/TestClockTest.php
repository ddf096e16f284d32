<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Providers\TestClock;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class TestClockTest extends TestCase
{
    public function testMovesTheClockByWhatTheFileSays(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'clock');
        file_put_contents($file, "3600000\n");
        (new TestClock($file))->wind();
        unlink($file);
        self::assertEqualsWithDelta(microtime(true) + 3600, Carbon::now()->getPreciseTimestamp(3) / 1000, 30.0);
    }

    #[DataProvider('nothing')]
    public function testLeavesTheClockAlone(?string $content): void
    {
        $file = $content === null ? '' : (string) tempnam(sys_get_temp_dir(), 'clock');
        if ($content !== null) {
            file_put_contents($file, $content);
        }
        (new TestClock($file))->wind();
        self::assertFalse(Carbon::hasTestNow());
        if ($file !== '') {
            unlink($file);
        }
    }

    /** @return iterable<string, array{string|null}> */
    public static function nothing(): iterable
    {
        yield 'no file named' => [null];
        yield 'empty' => [''];
        yield 'no number' => ['soon'];
    }

    public function testNoClockIsNamedOutsideBrowserTests(): void
    {
        self::assertSame('', config('facelift.clock'));
    }
}
