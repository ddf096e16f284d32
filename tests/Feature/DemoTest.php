<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BenchEvent;
use App\Models\Claim;
use App\Models\ClaimState;
use App\Models\GlassTry;
use App\Models\Job;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Facelift\Tests\Phones;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Event;
use PHPUnit\Framework\Attributes\TestWith;
use RuntimeException;
use Tests\TestCase;

final class DemoTest extends TestCase
{
    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    /** Broken off on the way it leaves nothing, so that the next start loads it whole. */
    public function testADemoThatIsBrokenOffLeavesNothing(): void
    {
        $event = 'eloquent.creating: ' . GlassTry::class;
        Event::listen($event, static fn(): never => throw new RuntimeException('the disk is full'));
        try {
            $this->seed(DatabaseSeeder::class);
            self::fail('it was not broken off');
        } catch (RuntimeException $e) {
            self::assertSame('the disk is full', $e->getMessage());
        } finally {
            Event::forget($event);
        }
        self::assertSame([0, 0], [User::query()->count(), ShelfItem::query()->count()]);
    }

    /** Twice loaded it is there once, with a job at every kind of station, and none of it lies in the future. */
    public function testTheDemoIsLoadedOnce(): void
    {
        $this->seed(DatabaseSeeder::class);
        $counts = static fn(): array => [
            User::query()->count(),
            Job::query()->count(),
            ShelfItem::query()->count(),
            BenchEvent::query()->count(),
        ];
        $first = $counts();
        self::assertSame([4, 16, 41], array_slice($first, 0, 3));
        $this->seed(DatabaseSeeder::class);
        self::assertSame($first, $counts());
        self::assertLessThanOrEqual(now()->getTimestampMs(), BenchEvent::query()->get()->max('at'));

        $this->as(Role::Technician);
        $at = [];
        foreach ((array) $this->ask('GET', '/jobs', status: 200)->json('data') as $job) {
            $stations = data_get($job, 'stations');
            self::assertIsArray($stations);
            $at[] = count(array_filter($stations, static fn(mixed $s): bool => data_get($s, 'done') === true));
        }
        sort($at);
        self::assertSame([0, 1, 1, 3, 4, 4, 4, 5, 5, 5, 5, 5, 5, 7, 8, 8], $at);
    }

    /** A day at the stall, whatever the hour at which it is loaded. */
    #[TestWith(['2026-11-26 11:20'])]
    #[TestWith(['2026-11-29 03:40'])]
    public function testItIsADayAtTheStall(string $when): void
    {
        Carbon::setTestNow(Carbon::parse($when, 'Europe/Berlin'));
        $this->seed(DatabaseSeeder::class);
        Carbon::setTestNow(Carbon::parse($when, 'Europe/Berlin'));
        $this->as(Role::Owner);
        $open = Job::query()->whereNull('handed_over_at')->get();
        self::assertCount(14, $open);
        $families = $open->map(static fn(Job $j): string => Phones::read($j->phone)->family->value)->unique();
        self::assertGreaterThanOrEqual(6, $families->count());
        $day = $this->ask('GET', '/day', [], 200);
        self::assertCount(2, (array) $day->json('people'));
        $waits = array_count_values(array_filter(array_column((array) $day->json('phones'), 'waits'), is_string(...)));
        self::assertSame(['part' => 1, 'overdue-part' => 1, 'phone' => 1], $waits);
        self::assertCount(3, (array) $this->ask('GET', '/orders', [], 200)->json('data'));
        self::assertSame(1, Claim::query()->whereIn('state', ClaimState::OWING)->count());
        self::assertTrue($open->contains(static fn(Job $j): bool => $j->comeback_of !== null));
        foreach (array_map(Phones::read(...), Phones::ids()) as $phone) {
            foreach (array_keys($phone->identity->codes) as $code) {
                $found = ShelfItem::query()->whereIn('id', ShelfItem::idsSoldFor([(string) $code]))->exists();
                $first = $code === array_key_first($phone->identity->codes);
                self::assertTrue($found || !$first, (string) $code);
            }
        }
        foreach ($open as $job) {
            self::assertLessThanOrEqual(now()->getTimestamp(), $job->created_at->getTimestamp());
        }
    }
}
