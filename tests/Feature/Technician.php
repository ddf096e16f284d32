<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\Runs;
use App\Models\Job;
use App\Models\ShelfItem;
use Facelift\Bench\Felt;
use Facelift\Plan\StepKind;
use Facelift\Proof\Gate;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

/** Takes a job from station to station through the API, as the page does. */
final class Technician
{
    public int $version = 1;
    private int $clock;

    public function __construct(private readonly TestCase $test, public readonly string $job)
    {
        $this->clock = (int) now()->subHours(8)->getTimestampMs();
    }

    /** @param list<string> $seen */
    public function checkIn(
        string $phone,
        string $code,
        array $seen,
        string $customer = 'Test Customer',
        ?string $imei = null,
    ): void {
        $this->put(
            'POST',
            '/jobs',
            [
                'id' => $this->job,
                'phone' => $phone,
                'modelCode' => $code,
                'colour' => null,
                'customer' => $customer,
                'imei' => $imei,
            ],
            201,
        );
        // The phone came in before any of what is told of it.
        DB::table('repair_jobs')->where('id', $this->job)->update([
            'created_at' => Carbon::createFromTimestampMs($this->clock)->subMinute(),
        ]);
        $this->change('check-in', ['condition' => self::condition($seen)]);
    }

    /**
     * @param list<string> $seen
     *
     * @return array<string, mixed>
     */
    public static function condition(array $seen): array
    {
        return [
            'observations' => $seen,
            'marks' => [
                ['kind' => 'crack', 'face' => 'front', 'points' => [['x' => 10, 'y' => 130.5], ['x' => 30, 'y' => 90]]],
            ],
            'functions' => [
                ['function' => 'image', 'state' => 'works'],
                ['function' => 'touch', 'state' => 'works'],
                ['function' => 'earpiece', 'state' => 'works'],
            ],
            'repairSigns' => [],
            'takenOut' => ['sim-tray'],
            'canSwitchOff' => true,
            'dataNeeded' => false,
            'checks' => [],
            'payer' => 'customer',
        ];
    }

    /** @param array<string, mixed>|null $source as it is sent; null for the usual plate */
    public function planned(string $kind, string $label, ?array $source = null, string $oldPanel = 'save'): void
    {
        $source ??= ['kind' => 'plate', 'set' => 85];
        $this->change('scope', ['kind' => $kind, 'reason' => null]);
        $this->change('part', ['item' => ShelfItem::query()->where('label', $label)->firstOrFail()->id]);
        $this->accept($kind);
        $this->change('plan', ['source' => $source, 'oldPanel' => $oldPanel]);
    }

    /** Says yes to the option of this kind, at the price it shows. */
    public function accept(string $kind, bool $warranty = false, ?string $data = null): void
    {
        $option = $this->option($kind);
        $this->change('quote/acceptance', [
            'kind' => $kind,
            'item' => $option['item'],
            'gross' => $option['gross'],
            'warranty' => $warranty,
            'data' => $data === null ? $option['data'] : ['way' => $data, 'by' => 'M. Ansel'],
        ]);
    }

    /**
     * @return array{item: int, gross: string, data: array{way: string, by: string}|null} decided for the usual way
     *     with the display's data
     */
    public function option(string $kind): array
    {
        $options = $this->put('GET', "/jobs/$this->job/quote", [], 200)['options'] ?? null;
        foreach (is_array($options) ? $options : [] as $option) {
            if (
                is_array($option)
                && $option['kind'] === $kind
                && is_array($option['item'])
                && is_array($option['money'])
            ) {
                assert(is_int($option['item']['id']) && is_string($option['money']['gross']));

                $ways = is_array($option['data']) ? array_column($option['data'], 'way') : [];
                $usual = $ways[0] ?? null;
                assert($usual === null || is_string($usual));

                return [
                    'item' => $option['item']['id'],
                    'gross' => $option['money']['gross'],
                    'data' => $usual === null ? null : ['way' => $usual, 'by' => 'M. Ansel'],
                ];
            }
        }
        TestCase::fail("the quote has no option $kind");
    }

    /** @param array<string, mixed> $body */
    public function change(string $station, array $body, int $status = 200): void
    {
        $answer = $this->put('PUT', "/jobs/$this->job/$station", ['version' => $this->version] + $body, $status);
        if ($status === 200) {
            $version = $answer['version'] ?? null;
            assert(is_int($version));
            $this->version = $version;
        }
    }

    /**
     * @param list<array{id: string, type: string, at: int, data: array<string, string|int>}> $events
     *
     * @return array<mixed>
     */
    public function send(array $events): array
    {
        return $this->put('POST', "/jobs/$this->job/events", ['events' => $events], 200);
    }

    /** ms since 1970, a few seconds further on */
    public function now(): int
    {
        return $this->clock += 12_000;
    }

    /**
     * @param array<string, string|int> $data
     *
     * @return array{id: string, type: string, at: int, data: array<string, string|int>}
     */
    public function event(string $type, array $data): array
    {
        return ['id' => Str::uuid()->toString(), 'type' => $type, 'at' => $this->clock += 1000, 'data' => $data];
    }

    /** Takes up a job that somebody else has left. */
    public function goesOn(): void
    {
        $this->version = Job::query()->findOrFail($this->job)->version;
    }

    /** Time goes by, s. */
    public function pass(int $seconds): void
    {
        $this->clock += 1000 * $seconds;
    }

    /** Points at the battery's plug, in the first repair of a phone that nobody has drawn. */
    public function pointAtBattery(): void
    {
        $this->put('POST', "/jobs/$this->job/captures", [
            'id' => Str::uuid()->toString(), 'at' => $this->now(), 'kind' => 'battery-plug', 'of' => 'battery-plug',
            'name' => '', 'under' => [], 'places' => [], 'count' => 0, 'length' => null, 'driver' => null,
            'adhesive' => null, 'plug' => null, 'clip' => null, 'part' => null, 'pairing' => null,
        ], 200);
    }

    /** Works through the whole plan; functions named fail at the last gate. */
    public function workThrough(string ...$failing): void
    {
        $this->work(null, ...$failing);
    }

    /** Works through the plan up to, not including, a step. */
    public function workUpTo(string $until): void
    {
        $this->work($until);
    }

    private function work(?string $until, string ...$failing): void
    {
        $job = Job::query()->findOrFail($this->job);
        $plan = app(Runs::class)->plan($job);
        $done = $this->put('GET', "/jobs/$this->job/bench", [], 200)['done'] ?? [];
        $done = array_column(is_array($done) ? $done : [], 'step');
        foreach ($plan->steps as $step) {
            if ($step->id === $until) {
                return;
            }
            if (in_array($step->id, $done, true)) {
                continue;
            }
            $this->pass((int) $step->manner->hands);
            if ($step->kind() === StepKind::ReadMemory && $step->isByProgrammer()) {
                $this->send([$this->event('data', ['state' => 'given-up', 'why' => 'no programmer at this bench'])]);
            }
            $events = $step->waits() ? [$this->event('timer-started', ['step' => $step->id])] : [];
            $gate = $step->act->gate;
            foreach ($gate === null ? [] : $plan->gates[$gate->value]->functions as $function) {
                $outcome = $gate === Gate::Finished && in_array($function->value, $failing, true) ? 'fail' : 'pass';
                $events[] = $this->event('test', [
                    'gate' => (string) $gate?->value,
                    'function' => $function->value,
                    'outcome' => $outcome,
                ]);
            }
            $this->pass((int) $step->manner->wait);
            $felt = $step->kind() === StepKind::CutPass ? ['felt' => Felt::Easily->value] : [];
            $done = $this->event('step-done', ['step' => $step->id] + $felt);
            $answer = $this->send([...$events, $done]);
            $refused = is_array($answer['refused'] ?? null) ? $answer['refused'] : [];
            // A plan with no time to spare is overtaken by the hands that it needs: what is asked then is answered.
            if (is_array($refused[0] ?? null) && $refused[0]['kind'] === 'unless-said-why') {
                $answer = $this->send([
                    array_replace($done, ['data' => ['step' => $step->id, 'why' => 'it still parts'] + $felt]),
                ]);
            }
            TestCase::assertSame([], $answer['refused'], $step->id);
        }
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<mixed>
     */
    private function put(string $method, string $path, array $body, int $status): array
    {
        $answer = $this->test->talk($method, $path, $body, $status)->json();
        assert(is_array($answer));

        return $answer;
    }
}
