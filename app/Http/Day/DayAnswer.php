<?php

declare(strict_types=1);

namespace App\Http\Day;

use App\Day\Accepted;
use App\Day\BenchDay;
use App\Day\Difference;
use App\Day\Waits;
use App\Jobs\ShopDay;
use App\Jobs\Stations;
use App\Models\Absence;
use App\Models\Job;
use App\Models\RunningClock;
use App\Phones\PhoneLibrary;
use Facelift\Schedule\Day\Laid;
use Facelift\Schedule\Day\MadeDays;
use Facelift\Schedule\Day\NextUp;
use Facelift\Schedule\Day\Planned;
use Facelift\Schedule\Person;
use Facelift\Schedule\Slot;

/** The day at the bench as the interface shows it; all times in ms since 1970. */
final readonly class DayAnswer
{
    /** What comes after this many of a person is not shown as next. */
    private const NEXT = 3;

    public function __construct(
        private BenchDay $day,
        private Accepted $accepted,
        private ShopDay $shop,
        private PhoneLibrary $phones,
        private Stations $stations,
    ) {}

    /** @return array<string, mixed> */
    public function of(Planned $planned): array
    {
        $laid = $planned->laid;
        $tags = [];
        foreach ($this->accepted->jobs() as $job) {
            $tags[$job->id] = $job->tag();
        }
        $now = $this->day->now();

        return [
            'now' => $now,
            'open' => array_map(
                static fn(array $s): array => ['from' => $s[0], 'to' => $s[1]],
                $laid->day->bench->hours->spans($now - 12 * 3_600_000, 4),
            ),
            'people' => $this->people($laid, $tags),
            'equipment' => array_map(
                static fn(string $kind, int $count): array => ['kind' => $kind, 'count' => $count],
                array_keys($laid->day->equipment),
                $laid->day->equipment,
            ),
            'slots' => self::slots($laid, $tags),
            'held' => self::held($laid, $tags),
            'phones' => $this->phones($laid),
            'late' => $planned->value->late,
            'bound' => $planned->late,
            'leastLate' => $planned->isLeastLate(),
        ];
    }

    /**
     * @param array<string, string> $tags
     *
     * @return list<array<string, mixed>>
     */
    private function people(Laid $laid, array $tags): array
    {
        $names = $this->names();
        $absences = $this->day->absences();

        return array_map(fn(Person $p): array => [
            'person' => $p->id,
            'name' => $names[(int) $p->id] ?? '?',
            'away' => $absences
                ->filter(static fn(Absence $a): bool => (string) $a->person === $p->id)
                ->map(static fn(Absence $a): array => ['id' => $a->id, 'from' => $a->from_at, 'to' => $a->to_at])
                ->values(),
            'next' => array_map(
                fn(NextUp $n): array => [
                    'why' => $n->why->value,
                    'waiting' => array_map(static fn(string $id): string => $tags[$id] ?? '', $n->waiting),
                ] + self::slot($laid, $n->slot, $tags),
                NextUp::of($laid, $p->id, self::NEXT),
            ),
        ], $laid->day->bench->people);
    }

    /**
     * @param array<string, string> $tags
     *
     * @return list<array<string, mixed>>
     */
    private static function slots(Laid $laid, array $tags): array
    {
        return array_map(static fn(Slot $s): array => self::slot($laid, $s, $tags), $laid->slots());
    }

    /**
     * @param array<string, string> $tags
     *
     * @return array<string, mixed>
     */
    private static function slot(Laid $laid, Slot $slot, array $tags): array
    {
        $time = $laid->day->time;
        $piece = null;
        foreach ($laid->day->tasks as $task) {
            $piece = $task->id === $slot->load ? $task->works[$slot->index]->block->pieces[0] : $piece;
        }

        return [
            'job' => $slot->load,
            'tag' => $tags[$slot->load] ?? '',
            'person' => $slot->person,
            'kind' => $piece?->kind?->value,
            'from' => $time->begin($slot->from),
            'hands' => $time->moment($slot->hands),
            'to' => $time->moment($slot->to),
        ];
    }

    /**
     * @param array<string, string> $tags
     *
     * @return list<array<string, mixed>> what holds equipment, by whom and from when to when
     */
    private static function held(Laid $laid, array $tags): array
    {
        $time = $laid->day->time;
        $held = [];
        foreach ($laid->slots() as $slot) {
            foreach ($laid->day->tasks as $task) {
                if ($task->id !== $slot->load) {
                    continue;
                }
                $person = (int) $laid->day->person($slot->person);
                foreach ($task->works[$slot->index]->shapes[$person]->uses as $use) {
                    $held[] = [
                        'kind' => $use->kind,
                        'job' => $slot->load,
                        'tag' => $tags[$slot->load] ?? '',
                        'from' => $time->begin($slot->from + $use->from),
                        'to' => $time->moment($use->through ? $slot->to : $slot->from + $use->to),
                    ];
                }
            }
        }

        return $held;
    }

    /** @return list<array<string, mixed>> */
    private function phones(Laid $laid): array
    {
        $ready = $laid->ready();
        $made = MadeDays::of($laid);
        $certainty = $this->shop->shop()->certainty;
        $names = $this->names();
        $time = $laid->day->time;

        return array_values($this->accepted->jobs()->map(function (Job $job) use (
            $laid,
            $ready,
            $made,
            $certainty,
            $names,
            $time,
        ): array {
            $at = isset($ready[$job->id]) ? $time->moment($ready[$job->id]) : null;
            $promised = $job->promised_at?->getTimestampMs();

            return [
                'job' => $job->id,
                'version' => $job->version,
                'tag' => $job->tag(),
                'phone' => $this->phones->nameOf($job->phone),
                'customer' => $job->customer,
                'station' => $this->station($job),
                'promisedAt' => $promised,
                'firm' => $job->firm,
                'pinAt' => $job->pin_at,
                'readyAt' => $at,
                'sure' => $at === null || $promised === null
                    ? null
                    : (int) round(100 * $made->holds($job->id, $time->until($promised))),
                'call' => $at !== null && Difference::call($job, $at)
                    ? $laid->day->bench->hours->said($time->moment($made->by($job->id, $certainty)), $laid->day->now)
                    : null,
                'waits' => Accepted::waitsFor($job)?->value,
                'comesOn' => (Accepted::waitsFor($job) === Waits::Phone ? $job->comes_on : $job->order?->due_on)
                    ?->toDateString(),
                'stuck' => in_array($job->id, $laid->day->stuck, true),
                'clock' => self::clock($job),
                'hand' => $names[$job->hand ?? 0] ?? null,
            ];
        })->all());
    }

    /** @return array{kind: string, from: int, to: int}|null the clock that ends last */
    private static function clock(Job $job): ?array
    {
        $clocks = $job->clocks->map(static fn(RunningClock $c): array => [
            'kind' => $c->kind,
            'from' => $c->since,
            'to' => $c->lift_at ?? $c->since + 1000 * $c->seconds,
        ])->sortBy('to');

        return $clocks->last();
    }

    private function station(Job $job): string
    {
        foreach ($this->stations->of($job) as $station) {
            if (!$station['done'] && $station['reachable']) {
                return $station['id'];
            }
        }

        return 'hand-over';
    }

    /** @return array<int, string> of who can be at the bench, by account */
    private function names(): array
    {
        $names = [];
        foreach (ShopDay::accounts() as $account) {
            $names[$account->id] = $account->name;
        }

        return $names;
    }
}
