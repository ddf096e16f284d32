<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\Runs;
use App\Models\HeatSource;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use Facelift\Anatomy\ReplacementKind;
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
                self::assertLessThanOrEqual(self::burden($row) + 1, self::burden($recommended[0]));
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

    /** The phone with very strong glue: warmed on the plate, then the gun along the blade, as it is sent and kept. */
    public function testAGunIsHeldAfterThePlateAndThePlanIsWhatWasPromised(): void
    {
        $this->as(Role::Technician);
        $t = $this->atPlan('maruvi-sorrel', 'MS-20');
        $rows = $this->rows($t);
        $best = array_values(array_filter($rows, static fn(array $r): bool => $r['recommended'] === true))[0];
        self::assertSame('gun', $best['usual']);
        self::assertIsArray($best['source']);
        self::assertTrue($best['source']['hold']);
        self::assertSame(['kind' => 'plate', 'set' => 95], $best['source']['preheat']);
        self::assertGreaterThanOrEqual(0.8, $best['chance']);
        $t->change('plan', ['source' => $best['source'], 'reason' => null]);
        $plan = $this->ask('GET', "/jobs/$t->job/plan", status: 200);
        self::assertTrue($plan->json('works'));
        self::assertTrue($plan->json('hold'));
        self::assertSame('plate', $plan->json('preheat.kind'));
        self::assertCount(count($rows), (array) $plan->json('strategies'));
        self::assertSame(
            [$best['heatings']],
            array_column(array_filter((array) $plan->json('strategies'), self::isRecommended(...)), 'heatings'),
        );
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 85, 'hold' => true]], 422);
    }

    public function testWhyAnotherWasTakenIsKept(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = $this->atPlan();
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 85], 'reason' => ' the 95 plate is in use ']);
        $why = fn(): mixed => $this->ask('GET', "/jobs/$t->job", status: 200)->json('sourceReason');
        self::assertSame('the 95 plate is in use', $why());
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 85], 'reason' => str_repeat('x', 301)], 422);
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 95]]);
        self::assertNull($why());
    }

    public function testAPanelThatIsGivenUpIsComparedToo(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = $this->atPlan();
        $given = $this->ask('GET', "/jobs/$t->job/strategies?oldPanel=give-up", status: 200)->json('data');
        $hands = static fn(mixed $rows): array => array_column(is_array($rows) ? $rows : [], 'hands');
        self::assertNotEquals($hands($this->rows($t)), $hands($given));
        $this->ask('GET', "/jobs/$t->job/strategies?oldPanel=burn", status: 422);
    }

    public function testNothingIsComparedBeforeTheQuoteIsAccepted(): void
    {
        $this->as(Role::Technician);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $this->ask('GET', "/jobs/$t->job/strategies", status: 409);
    }

    /**
     * s of work, a heating as a minute of it.
     *
     * @param array<string, mixed> $row
     */
    private static function burden(array $row): float
    {
        self::assertIsNumeric($row['hands']);
        self::assertIsNumeric($row['heatings']);

        return $row['hands'] + 60 * $row['heatings'];
    }

    private static function isRecommended(mixed $row): bool
    {
        return is_array($row) && $row['recommended'] === true;
    }

    private function atPlan(string $phone = 'quillon-vesper', string $code = 'QV-2110'): Technician
    {
        $t = new Technician($this, $this->newId());
        $t->checkIn($phone, $code, ['cracked-glass']);
        if ($phone !== 'quillon-vesper') {
            $this->partFor($phone, ReplacementKind::DisplayAssembly, 'S-101');
        }
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
