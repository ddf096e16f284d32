<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Node\Lease;
use App\Node\PatientConnection;
use Illuminate\Database\DeadlockException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PDOException;
use Tests\TestCase;

/** Several machines on one database: what runs once, and what is done again. */
final class NodeTest extends TestCase
{
    public function testWorkIsDoneByWhoeverHoldsItsLeaseAndByAnotherOnceItHasRunOut(): void
    {
        [$one, $two] = [new Lease('intake', 'one', 60), new Lease('intake', 'two', 60)];
        self::assertTrue($one->hold());
        // Also twice within a millisecond, when nothing is written.
        for ($i = 0; $i < 20; ++$i) {
            self::assertTrue($one->hold(), 'renewed');
        }
        self::assertFalse($two->hold());
        self::assertTrue((new Lease('nightly', 'two', 60))->hold(), 'another piece of work is free');
        // The first is gone without a word.
        DB::table('leases')->where('name', 'intake')->decrement('until', 61_000);
        self::assertTrue($two->hold());
        self::assertFalse($one->hold(), 'and has lost it');
        $one->release();
        self::assertFalse($one->hold(), 'what is not held cannot be given up');
        $two->release();
        self::assertTrue($one->hold());
    }

    public function testAScriptAsksForItsTurn(): void
    {
        config(['facelift.node' => 'here']);
        self::assertSame(0, Artisan::call('facelift:lease', ['name' => 'nightly', 'seconds' => '60']));
        config(['facelift.node' => 'there']);
        self::assertSame(1, Artisan::call('facelift:lease', ['name' => 'nightly', 'seconds' => '60']));
    }

    public function testATransactionThatMetAnotherIsDoneAgain(): void
    {
        // Outside of the test's own transaction, within which nothing is done again.
        config(['database.connections.second' => config('database.connections.mariadb')]);
        $second = DB::connection('second');
        self::assertInstanceOf(PatientConnection::class, $second);
        $tries = 0;
        $answer = $second->transaction(static function () use (&$tries): string {
            return ++$tries < 5 ? throw self::conflict() : 'done';
        });
        self::assertSame(['done', 5], [$answer, $tries]);

        $tries = 0;
        try {
            $second->transaction(static function () use (&$tries): void {
                ++$tries;
                throw self::conflict();
            });
            self::fail('it cannot be done');
        } catch (PDOException) {
            self::assertSame(5, $tries);
        }
    }

    public function testWhatCannotBeDoneForOthersIsSaidAndMayBeTriedAgain(): void
    {
        Route::get('api/conflict', static fn(): never => throw self::conflict());
        Route::get('api/not-ready', static function (): never {
            $e = new PDOException('WSREP has not yet prepared node for application use');
            $e->errorInfo = ['08S01', 1047, 'WSREP has not yet prepared node for application use'];
            throw $e;
        });
        Route::get(
            'api/gone',
            static fn(): never => throw new PDOException('There is no active transaction'),
        );
        Route::get('api/wrong', static fn(): never => throw new PDOException('something else'));
        Route::get('api/nested', static fn(): never => throw new DeadlockException(self::conflict()->getMessage()));
        $said = ['conflict' => 503, 'not-ready' => 503, 'nested' => 503, 'gone' => 503, 'wrong' => 500];
        foreach ($said as $route => $status) {
            $answer = $this->getJson("/api/$route")->assertStatus($status);
            self::assertSame($status === 503, $answer->headers->has('Retry-After'), $route);
        }
    }

    private static function conflict(): PDOException
    {
        $e = new PDOException('SQLSTATE[40001]: Serialization failure: 1213 Deadlock found when trying to get lock');
        $e->errorInfo = ['40001', 1213, 'Deadlock found when trying to get lock; try restarting transaction'];

        return $e;
    }
}
