<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Tests\TestCase;

final class DemoTest extends TestCase
{
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
        self::assertSame([3, 7, 18], array_slice($first, 0, 3));
        $this->seed(DatabaseSeeder::class);
        self::assertSame($first, $counts());
    }

    public function testItShowsAJobAtEveryKindOfStation(): void
    {
        $this->seed(DatabaseSeeder::class);
        $this->as(Role::Technician);
        $jobs = $this->ask('GET', '/jobs', status: 200)->json('data');
        self::assertIsArray($jobs);
        $at = [];
        foreach ($jobs as $job) {
            self::assertIsArray($job);
            self::assertIsArray($job['stations']);
            $done = array_filter($job['stations'], static fn(mixed $s): bool => is_array($s) && $s['done'] === true);
            $at[] = count($done);
        }
        sort($at);
        self::assertSame([0, 1, 1, 3, 5, 5, 8], $at);
    }

    public function testNoEventOfTheDemoLiesInTheFuture(): void
    {
        $this->seed(DatabaseSeeder::class);
        self::assertLessThanOrEqual(now()->getTimestampMs(), BenchEvent::query()->get()->max('at'));
    }
}
