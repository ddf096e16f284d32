<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\KeptPace;
use App\Models\Role;
use Tests\TestCase;

/** How fast somebody works is learnt at the bench, and the day is planned with it. */
final class PaceTest extends TestCase
{
    public function testItIsLearntFromStepsAndNotFromPauses(): void
    {
        $t = $this->atBench();
        $user = KeptPace::query()->count();
        self::assertSame(0, $user);
        $t->goesOn();
        $t->send([$t->event('step-done', ['step' => 'power-off'])]);
        $first = KeptPace::query()->firstOrFail();
        self::assertSame(0.0, $first->taken, 'nobody knows when the first was begun');
        $steps = $this->ask('GET', "/jobs/$t->job/plan", status: 200)->json('steps');
        self::assertIsArray($steps);
        $next = $steps[1];
        self::assertIsArray($next);
        self::assertIsString($next['id']);
        $t->pass(50);
        $done = $t->event('step-done', ['step' => $next['id']]);
        $t->send([$done]);
        $t->send([$done]);
        $kept = KeptPace::query()->firstOrFail();
        self::assertEqualsWithDelta(50.0, $kept->taken, 1.5, 'once, however often it is sent');
        self::assertEquals($next['hands'], $kept->planned);
        // After an hour it was something else.
        $t->pass(3600);
        $third = $steps[2];
        self::assertIsArray($third);
        self::assertIsString($third['id']);
        $t->send([$t->event('step-done', ['step' => $third['id']])]);
        self::assertEqualsWithDelta(50.0, KeptPace::query()->firstOrFail()->taken, 1.5);
    }

    public function testTheDayIsPlannedWithItWhereNoneIsSet(): void
    {
        $owner = $this->as(Role::Owner);
        $slow = ['user_id' => $owner->id, 'last_at' => 0, 'planned' => 36_000.0, 'taken' => 72_000.0];
        KeptPace::query()->create($slow);
        $shop = $this->ask('GET', '/shop', status: 200);
        $own = collect((array) $shop->json('accounts'))->firstWhere('person', (string) $owner->id);
        self::assertSame([0.55, 20], [data_get($own, 'pace'), data_get($own, 'hours')]);
        $t = new Technician($this, $this->newId());
        $this->shelf();
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        $slowly = $this->hands();
        $settings = (array) $shop->json('settings');
        $settings['people'] = [['person' => (string) $owner->id, 'pace' => 1]];
        $this->ask('PUT', '/shop', ['version' => $shop->json('version'), 'settings' => $settings], 200);
        // What is set stands. Clocks that are watched run as long for anybody.
        $usual = $this->hands();
        self::assertGreaterThan(1.5 * $usual, $slowly);
        self::assertLessThanOrEqual($usual / 0.55 + 1000, $slowly);
    }

    /** ms of hands in the planned day */
    private function hands(): float
    {
        $slots = $this->ask('GET', '/day', status: 200)->json('slots');
        $all = 0.0;
        foreach (is_array($slots) ? $slots : [] as $slot) {
            [$from, $to] = [data_get($slot, 'from'), data_get($slot, 'hands')];
            assert(is_numeric($from) && is_numeric($to));
            $all += $to - $from;
        }

        return $all;
    }
}
