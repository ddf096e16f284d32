<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Lists cost the same whatever lies in the shop: so many queries, and nothing long is fetched for them. */
final class ListsTest extends TestCase
{
    #[TestWith(['/jobs'])]
    #[TestWith(['/jobs?q=vesper'])]
    #[TestWith(['/jobs?show=closed'])]
    #[TestWith(['/timers'])]
    #[TestWith(['/history?imei=490154203237518'])]
    public function testTwentyJobsTakeAsManyQueriesAsOne(string $path): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass'], imei: '490154203237518');
        $t->planned('display-assembly', 'S-101');
        $t->workUpTo('first-gap:seal:bottom');
        $this->another($t->job, 5000, closed: true);
        $one = $this->askedFor($path);
        foreach (range(1, 19) as $n) {
            $this->another($t->job, 5000 + $n, closed: $n > 10);
        }
        $many = $this->askedFor($path);
        self::assertCount(count($one), $many, implode("\n", $many));
        foreach ($many as $sql) {
            self::assertDoesNotMatchRegularExpression('/^select \* from `repair_jobs`|`plan`|`quote`/', $sql);
        }
    }

    public function testWhatIsSeenInAListIsWhatIsSeenInTheJob(): void
    {
        $this->as(Role::Technician);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['lines']);
        $listed = $this->ask('GET', '/jobs', status: 200);
        self::assertSame(
            $this->ask('GET', "/jobs/$t->job", status: 200)->json('condition.observations'),
            $listed->json('data.0.observations'),
        );
    }

    private function another(string $job, int $number, bool $closed): void
    {
        $more = Job::query()
            ->findOrFail($job)
            ->replicate(['number']);
        $more
            ->forceFill(['id' => $this->newId(), 'number' => $number, 'handed_over_at' => $closed ? now() : null])
            ->save();
    }

    /** @return list<string> what was asked of the database about jobs and beside them */
    private function askedFor(string $path): array
    {
        return self::queriesOf(fn() => $this->ask('GET', $path, status: 200));
    }
}
