<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exceptions\Reported;
use App\Models\User;
use ErrorException;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** The log says what went wrong and where, and nothing of a customer. */
final class LogTest extends TestCase
{
    public function testAQueryIsKeptWithoutItsValues(): void
    {
        try {
            DB::table('users')->where('no_such_column', 'Marta Oberlin, 0171 5550199')->get();
            self::fail('that query cannot work');
        } catch (QueryException $e) {
            $text = Reported::text($e);
        }

        self::assertStringContainsString('42S22', $text);
        self::assertStringContainsString('no_such_column', $text);
        self::assertStringContainsString('tests/Feature/LogTest.php:', $text);
        self::assertStringNotContainsString('Oberlin', $text);
        self::assertStringNotContainsString('5550199', $text);
    }

    public function testADoubleEntryIsNotRepeated(): void
    {
        $row = ['name' => 'Marta', 'email' => 'marta@oberlin.example', 'password' => 'x', 'role' => 'technician'];
        User::query()->create($row);
        try {
            User::query()->create($row);
            self::fail('an address is there once');
        } catch (QueryException $e) {
            self::assertStringContainsString('marta@oberlin.example', $e->getMessage(), 'the driver repeats it');
            self::assertStringNotContainsString('oberlin', Reported::text($e));
            self::assertStringContainsString('1062', Reported::text($e));
        }
    }

    public function testWhatStandsInQuotesIsLeftOut(): void
    {
        $text = Reported::text(new ErrorException('Undefined array key "Marta O." where \'Oberlin\' isn\'t known'));

        self::assertStringContainsString('Undefined array key …', $text);
        self::assertStringNotContainsString('Oberlin', $text);
    }

    public function testAnUnexpectedErrorReachesTheLogThatWay(): void
    {
        $log = storage_path('framework/testing/log-' . getmypid() . '.log');
        config(['logging.default' => 'single']);
        config(['logging.channels.single.path' => $log]);
        app('log')->forgetChannel('single');
        report(new \RuntimeException('went wrong for "Marta Oberlin"'));

        $kept = (string) file_get_contents($log);
        $mode = fileperms($log) & 0o777;
        unlink($log);
        self::assertStringContainsString('RuntimeException at tests/Feature/LogTest.php:', $kept);
        self::assertStringNotContainsString('Oberlin', $kept);
        self::assertSame(0o600, $mode);
    }
}
