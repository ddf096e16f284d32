<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\Models\ShelfItem;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** The day at the bench: what now, when ready, and what follows if it is changed. */
final class DayTest extends TestCase
{
    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function testWhatIsNextIsSaidWithItsReasonAndAnotherIsWorkedOnMeanwhile(): void
    {
        [$first, $second] = $this->two();
        $day = $this->ask('GET', '/day', [], 200);
        $next = $day->json('people.0.next.0');
        self::assertSame($first->job, data_get($next, 'job'), 'it was promised first');
        self::assertSame('due-first', data_get($next, 'why'));
        self::assertSame('power-off', data_get($next, 'kind'));
        self::assertSame(0, $day->json('late'));
        self::assertTrue($day->json('leastLate'));

        // It is worked until it lies under clamps: then the other is next, and it is said why.
        $this->clamped($first);
        $day = $this->ask('GET', '/day', [], 200);
        $mine = data_get($day->json('people.0.next'), '0');
        self::assertSame($second->job, data_get($mine, 'job'));
        self::assertSame('while-others-wait', data_get($mine, 'why'));
        self::assertSame([$this->tag($first)], data_get($mine, 'waiting'));
        $clock = collect((array) $day->json('phones'))->firstWhere('job', $first->job);
        self::assertSame('clamp', data_get($clock, 'clock.kind'));
        $held = collect((array) $day->json('held'))->where('kind', 'clamp-set');
        self::assertFalse($held->contains('job', $first->job), 'what is under way is shown by its clock');
    }

    public function testWhatFollowsIsShownBeforeItIsDoneAndSomebodyElsesChangeIsKept(): void
    {
        [$first, $second] = $this->two();
        $this->ask('GET', '/day', [], 200);
        $job = Job::query()->findOrFail($second->job);
        $now = Carbon::now()->getTimestampMs();
        $body = ['place' => ['job' => $second->job, 'at' => $now, 'firm' => false]];
        $seen = $this->ask('POST', '/day/preview', $body, 200);
        self::assertSame($second->job, $seen->json('day.people.0.next.0.job'));
        self::assertSame('pinned', $seen->json('day.people.0.next.0.why'));
        self::assertSame([$first->job, $second->job], array_column((array) $seen->json('moved'), 'job'));
        self::assertNull($job->refresh()->pin_at, 'nothing is kept');

        $place = ['version' => $job->version, 'at' => $now, 'firm' => false];
        $kept = $this->ask('PUT', "/jobs/$second->job/place", $place, 200);
        self::assertSame($second->job, $kept->json('people.0.next.0.job'));
        $this->ask('PUT', "/jobs/$second->job/place", $place, 200);
        $this->ask('PUT', "/jobs/$second->job/place", ['at' => null] + $place, 409);
        // Begun, it is no longer asked for.
        $second->workUpTo('heat:seal');
        self::assertNull($job->refresh()->pin_at);
        $this->ask('GET', '/day', [], 200)->assertJsonPath('people.0.next.0.job', $second->job);
    }

    public function testOtherHoursAreTriedOnThePhonesThatAreHere(): void
    {
        [$first, $second] = $this->two();
        $this->as(Role::Owner);
        $settings = (array) $this->ask('GET', '/shop', [], 200)->json('settings');
        $day = $this->ask('GET', '/day', [], 200)->json('phones');
        self::assertSame([], $this->ask('POST', '/shop/effect', ['settings' => $settings], 200)->json('moved'));

        // It would not open again before Saturday.
        $shut = ['closed' => ['2026-11-26', '2026-11-27']] + $settings;
        $moved = $this->ask('POST', '/shop/effect', ['settings' => $shut], 200)->json('moved');
        self::assertIsArray($moved);
        self::assertEqualsCanonicalizing([$first->job, $second->job], array_column($moved, 'job'));
        foreach ($moved as $m) {
            $after = data_get($m, 'after');
            self::assertIsInt($after);
            self::assertSame('2026-11-28', Carbon::createFromTimestampMs($after, 'Europe/Berlin')->toDateString());
            self::assertNotNull(data_get($m, 'call'), 'whoever was promised today has to be called');
        }
        $this->ask('GET', '/shop', [], 200)->assertJsonPath('settings', $settings);
        self::assertSame($day, $this->ask('GET', '/day', [], 200)->json('phones'), 'nothing is kept');
        $this->ask('POST', '/shop/effect', ['settings' => ['certainty' => 3] + $settings], 422);
    }

    public function testWhoLeavesIsNotPlannedAndWhoHasToBeCalledIsSaid(): void
    {
        [$first] = $this->two();
        $technician = $this->as(Role::Technician);
        $id = $this->newId();
        $now = Carbon::now();
        $away = [
            'person' => (string) $technician->id,
            'from' => $now->getTimestampMs(),
            'to' => $now->copy()->addHours(6)->getTimestampMs(),
        ];
        $this->ask('GET', '/day', [], 200)->assertJsonPath('phones.0.call', null);
        $seen = $this->ask('POST', '/day/preview', ['away' => $away], 200);
        $row = collect((array) $seen->json('moved'))->firstWhere('job', $first->job);
        self::assertIsInt(data_get($row, 'call'));
        self::assertGreaterThan(data_get($row, 'promisedAt'), data_get($row, 'call'));
        $day = $this->ask('PUT', "/absences/$id", $away, 200);
        self::assertGreaterThanOrEqual($away['to'], $day->json('people.0.next.0.from'));
        $this->ask('PUT', "/absences/$id", $away, 200);
        self::assertSame(1, DB::table('absences')->count());
        $this->as(Role::FrontDesk);
        $this->ask('DELETE', "/absences/$id", [], 403);
        $this->ask('POST', '/day/preview', ['back' => $id], 200)->assertJsonPath('day.phones.0.call', null);
        $this->as(Role::Technician);
        $this->ask('DELETE', "/absences/$id", [], 200)->assertJsonPath('phones.0.call', null);
        $this->ask('DELETE', "/absences/$id", [], 200);
    }

    public function testTheNumberOfQueriesDoesNotGrowWithTheJobs(): void
    {
        $this->two();
        $few = $this->queries();
        for ($i = 0; $i < 3; ++$i) {
            $this->planned(['S-103', 'S-108', 'S-106'][$i]);
        }
        $many = $this->queries();
        self::assertCount(count($few), $many, implode("\n", [...$few, '…', ...$many]));
    }

    /** @return list<string> */
    private function queries(): array
    {
        // The first plans it, the second lays it out as planned; from then on it stays.
        $this->ask('GET', '/day', [], 200);
        $this->ask('GET', '/day', [], 200);

        return self::queriesOf(fn() => $this->ask('GET', '/day', [], 200));
    }

    /** The joint of promise and quote: what the promise hangs on is said, and it is true of the planned day. */
    public function testAQuoteSaysWhatItsPromiseHangsOn(): void
    {
        $this->two();
        $third = new Technician($this, $this->newId());
        $third->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $third->change('scope', ['kind' => 'display-assembly', 'reason' => null]);
        $this->partFor('quillon-vesper', ReplacementKind::DisplayAssembly, 'S-911');
        $third->change('part', ['item' => ShelfItem::query()->where('label', 'S-911')->firstOrFail()->id]);
        $asked = fn(): array => (array) $this->ask('GET', "/jobs/$third->job/quote", [], 200)
            ->json('options.0.promiseFrom.movedBy');
        // There is one at the bench with two phones before: the hands are busy.
        $hands = collect($asked())->firstWhere('what', 'hands');
        $until = data_get($hands, 'until');
        self::assertIsString($until);
        self::assertGreaterThan('2026-11-26T08:30:00Z', $until);
        self::assertNotContains('part', array_column($asked(), 'what'));
        // Half an hour before it shuts it is not ready the same day.
        Carbon::setTestNow(Carbon::parse('2026-11-26 17:30', 'Europe/Berlin'));
        $shut = collect($asked())->firstWhere('what', 'shut');
        self::assertIsArray($shut);
        $opens = data_get($shut, 'until');
        self::assertIsString($opens);
        self::assertStringStartsWith('2026-11-27T', $opens);
    }

    /** @return array{Technician, Technician} two phones that are planned, the first promised before the other */
    private function two(): array
    {
        $this->as(Role::Technician);
        $this->shelf();
        Carbon::setTestNow(Carbon::parse('2026-11-26 09:30', 'Europe/Berlin'));

        return [$this->planned('S-101'), $this->planned('S-102')];
    }

    private function planned(string $label): Technician
    {
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', $label);
        // What a technician writes down, it writes down now.
        $t->pass(8 * 3600);

        return $t;
    }

    private function clamped(Technician $t): void
    {
        Carbon::setTestNow(Carbon::parse('2026-11-26 18:00', 'Europe/Berlin'));
        $t->workUpTo('clamp:seal');
        $t->send([$t->event('timer-started', ['step' => 'clamp:seal'])]);
        Carbon::setTestNow(Carbon::createFromTimestampMs($t->now()));
    }

    private function tag(Technician $t): string
    {
        return Job::query()->findOrFail($t->job)->tag();
    }
}
