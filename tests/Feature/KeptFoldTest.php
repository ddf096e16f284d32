<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BenchEvent;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

/** What the events of a job come to is kept beside them; it is never another than folding them all. */
final class KeptFoldTest extends TestCase
{
    public function testWhatIsKeptIsWhatFoldingEverythingGives(): void
    {
        $t = $this->atBench();
        $first = $t->event('step-done', ['step' => 'power-off']);
        $t->send([$first]);
        self::assertSame(1, DB::table('run_folds')->where('job_id', $t->job)->count());
        $this->same($t);
        $t->send([$t->event('step-done', ['step' => 'take-out:sim-tray'])]);
        $note = $t->event('problem', ['step' => 'tape-glass', 'text' => 'glass crumbles']);
        $t->send([$note, $t->event('wetted', ['place' => 'edge'])]);
        $this->same($t);
        $t->send([['at' => $first['at'] + 1] + $t->event('test', $this->aTest($t))]);
        $this->same($t, 'an event that comes late');
        $t->send([$t->event('undo', ['event' => $this->lastDone($t)])]);
        $this->same($t, 'a step taken back');
        $t->send([$note]);
        $this->same($t, 'the same again');
    }

    public function testEventsThatCameAnotherWayMakeItStale(): void
    {
        $t = $this->atBench();
        $t->send([$t->event('step-done', ['step' => 'power-off'])]);
        $other = $t->event('step-done', ['step' => 'take-out:sim-tray']);
        BenchEvent::query()->insert([
            'id' => $other['id'],
            'job_id' => $t->job,
            'type' => 'step-done',
            'at' => $other['at'],
            'data' => json_encode($other['data'], JSON_THROW_ON_ERROR),
            'user_id' => BenchEvent::query()->firstOrFail()->user_id,
        ]);
        self::assertCount(2, (array) $this->ask('GET', "/jobs/$t->job/bench", status: 200)->json('done'));
    }

    public function testAFoldOfAnotherVersionOrOfNoSenseIsFoldedAnew(): void
    {
        $t = $this->atBench();
        $t->send([$t->event('step-done', ['step' => 'power-off'])]);
        foreach (
            [['version' => 9999], ['plan' => str_repeat('0', 32)], ['fold' => serialize(new \stdClass())]] as $bad
        ) {
            DB::table('run_folds')->where('job_id', $t->job)->update($bad);
            self::assertCount(1, (array) $this->ask('GET', "/jobs/$t->job/bench", status: 200)->json('done'));
        }
    }

    public function testALongRecordIsNotReadToConfirmAStepOrToOpenTheBench(): void
    {
        $t = $this->atBench();
        $t->send([$t->event('step-done', ['step' => 'power-off'])]);
        for ($i = 0; $i < 5; ++$i) {
            $note = static fn(): array => $t->event('problem', ['step' => 'tape-glass', 'text' => 'as before']);
            $t->send(array_map($note, range(1, 40)));
        }
        DB::flushQueryLog();
        DB::enableQueryLog();
        $t->send([$t->event('step-done', ['step' => 'take-out:sim-tray'])]);
        $this->ask('GET', "/jobs/$t->job/bench", status: 200);
        $asked = array_column(DB::getQueryLog(), 'query');
        DB::disableQueryLog();
        $whole = array_filter(
            $asked,
            static fn(string $q): bool => str_contains($q, 'from `bench_events`')
                && !str_contains($q, 'max(`seq`)')
                && !str_contains($q, '`id` in'),
        );
        self::assertSame([], array_values($whole));
    }

    private function same(Technician $t, string $when = ''): void
    {
        $kept = $this->bench($t);
        DB::table('run_folds')->where('job_id', $t->job)->delete();
        self::assertSame($this->bench($t), $kept, $when);
    }

    /** @return array<string, mixed> */
    private function bench(Technician $t): array
    {
        /** @var array<string, mixed> $state */
        $state = (array) $this->ask('GET', "/jobs/$t->job/bench", status: 200)->json();

        return array_diff_key($state, ['now' => 0]);
    }

    private function lastDone(Technician $t): string
    {
        $done = (array) $this->ask('GET', "/jobs/$t->job/bench", status: 200)->json('done');
        $last = end($done);
        self::assertIsArray($last);
        self::assertIsString($last['event']);
        self::assertTrue(Str::isUuid($last['event']));

        return $last['event'];
    }

    /** @return array<string, string> */
    private function aTest(Technician $t): array
    {
        $gate = $this->ask('GET', "/jobs/$t->job/plan", status: 200)->json('gates.0');
        self::assertIsArray($gate);
        self::assertIsString($gate['gate']);
        self::assertIsArray($gate['functions']);
        self::assertIsArray($gate['functions'][0]);
        self::assertIsString($gate['functions'][0]['function']);

        return ['gate' => $gate['gate'], 'function' => $gate['functions'][0]['function'], 'outcome' => 'pass'];
    }
}
