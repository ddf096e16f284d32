<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\Runs;
use App\Models\HeatSource;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use Facelift\Cut\EdgeOpening;
use Tests\TestCase;

/** The page opens with the answer: every source of the shop side by side. */
final class StrategyTest extends TestCase
{
    public function testTheRecommendedSourceMakesThePlanThatWasPromised(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = $this->atPlan();
        $rows = $this->rows($t);
        self::assertSame(['plate', 'gun', 'dryer', 'bag'], array_column($rows, 'usual'));
        $recommended = array_values(array_filter($rows, static fn(array $r): bool => $r['recommended'] === true));
        self::assertCount(1, $recommended);
        self::assertTrue($recommended[0]['works']);
        foreach ($rows as $row) {
            self::assertSame($row['works'], $row['blocked'] === null);
            if ($row['works'] === true) {
                self::assertLessThanOrEqual($row['heatings'], $recommended[0]['heatings']);
            }
        }
        $t->change('plan', ['source' => $recommended[0]['source']]);
        $plan = app(Runs::class)->plan(Job::query()->findOrFail($t->job));
        $heatings = array_map(static fn(EdgeOpening $o): int => $o->heatings(), $plan->sealing->openings);
        self::assertSame($recommended[0]['heatings'], array_sum($heatings));
    }

    public function testASourceOfTheShopsOwnStandsBesideTheUsualOnes(): void
    {
        $user = $this->as(Role::Technician);
        $this->shelf();
        HeatSource::query()->create([
            'id' => $this->newId(),
            'name' => 'Mat by the window',
            'source' => ['kind' => 'plate', 'set' => 90],
            'fit' => ['coefficient' => 140.0, 'low' => 120.0, 'high' => 160.0, 'at' => '2026-03-01T10:00:00Z'],
            'kept_by' => User::query()->findOrFail($user->id)->id,
        ]);
        $own = $this->rows($this->atPlan())[4];
        self::assertSame([null, 'Mat by the window'], [$own['usual'], $own['name']]);
        self::assertEquals(['kind' => 'plate', 'set' => 90, 'coefficient' => 140], $own['source']);
    }

    public function testNothingIsComparedBeforeTheQuoteIsAccepted(): void
    {
        $this->as(Role::Technician);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $this->ask('GET', "/jobs/$t->job/strategies", status: 409);
    }

    private function atPlan(): Technician
    {
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');

        return $t;
    }

    /** @return list<array<string, mixed>> */
    private function rows(Technician $t): array
    {
        /** @var list<array<string, mixed>> */
        return (array) $this->ask('GET', "/jobs/$t->job/strategies", status: 200)->json('data');
    }
}
