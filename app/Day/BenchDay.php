<?php

declare(strict_types=1);

namespace App\Day;

use App\Jobs\ShopDay;
use App\Models\Absence;
use Facelift\Schedule\Bench;
use Facelift\Schedule\Day\Day;
use Facelift\Schedule\Day\Effort;
use Facelift\Schedule\Day\Memory;
use Facelift\Schedule\Day\Planned;
use Facelift\Schedule\Day\Planner;
use Facelift\Schedule\Load;
use Facelift\Schedule\Person;
use Facelift\Schedule\Slot;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;

/** The day at the bench as it is planned now: as it was planned before, as far as nothing has come between. */
final class BenchDay
{
    private const KEPT = 'bench-day';

    /** @var array<string, Planned> by the job that was left out */
    private array $planned = [];
    private ?int $now = null;

    public function __construct(private readonly ShopDay $shop, private readonly Accepted $accepted) {}

    /** ms since 1970, to the minute: within one the same day is planned */
    public function now(): int
    {
        return $this->now ??= 60_000 * intdiv(Carbon::now()->getTimestampMs(), 60_000);
    }

    /** Something has changed: it is looked at and planned anew. */
    public function forget(): self
    {
        $this->planned = [];
        $this->now = null;
        $this->accepted->forget();

        return $this;
    }

    /** @param string|null $but a job that is left out */
    public function planned(?string $but = null): Planned
    {
        if (isset($this->planned[$but ?? ''])) {
            return $this->planned[$but ?? ''];
        }
        $day = $this->day($but);

        return $this->planned[$but ?? ''] = ($but === null ? $this->asBefore($day) : null) ?? $this->plan($day);
    }

    /**
     * As long as nothing has come between, nothing better is looked for than was found before.
     *
     * @return Planned|null null if something has, or if it is later by now than it was to be
     */
    private function asBefore(Day $day): ?Planned
    {
        [, , $fingerprint, $late] = $this->kept();
        if ($fingerprint !== $this->fingerprint($day)) {
            return null;
        }
        $planned = (new Planner())->plan($day, Effort::none(), $this->before());

        return $planned->value->late <= $late ? $planned : null;
    }

    /** @param string|null $but a job that is left out */
    public function day(?string $but = null): Day
    {
        return new Day($this->bench(), $this->loads($but), $this->now());
    }

    /** @return list<Load> */
    public function loads(?string $but = null): array
    {
        return $this->accepted->loads($this->now(), $but);
    }

    /** The day as it would be with a change. */
    public function with(DayChange $change): Day
    {
        $loads = array_map($change->of(...), $this->loads());

        return new Day($this->bench($change), $loads, $this->now());
    }

    /** @return Collection<int, Absence> that are not over */
    public function absences(): Collection
    {
        return Absence::query()->where('to_at', '>', $this->now())->orderBy('from_at')->get();
    }

    /** The shop's bench with who is away. */
    private function bench(?DayChange $change = null): Bench
    {
        $bench = $this->shop->shop()->bench;
        $away = [];
        foreach ($this->absences() as $absence) {
            if ($absence->id !== $change?->back) {
                $away[$absence->person][] = [$absence->from_at, $absence->to_at];
            }
        }
        if ($change?->away !== null) {
            $away[(int) $change->away->person][] = [$change->away->from, $change->away->to];
        }

        return $bench->with(array_map(
            static fn(Person $p): Person => $p->away($away[(int) $p->id] ?? []),
            $bench->people,
        ));
    }

    public function plan(Day $day): Planned
    {
        return (new Planner())->plan($day, Effort::quick(), $this->before());
    }

    /** What is planned now is what changes are measured against from here on. */
    public function keep(Planned $planned): void
    {
        $rows = array_map(
            static fn(Slot $s): array => [
                $s->load,
                $s->index,
                $s->person,
                $s->from,
                $s->hands,
                $s->to,
            ],
            $planned->laid->slots(),
        );
        $kept = [
            $rows,
            $planned->laid->blocks(),
            $this->fingerprint($planned->laid->day),
            $planned->value->late,
        ];
        if ($this->kept() !== $kept) {
            Cache::put(self::KEPT, $kept, now()->addDays(3));
        }
    }

    /** What the day depends on but the time itself, which goes on. */
    private function fingerprint(Day $day): string
    {
        $soon = $day->now + 60_000;
        $loads = array_map(static fn(Load $l): array => [
            $l->id,
            $l->chain->rows(),
            $l->due,
            $l->weight,
            $l->pin,
            $l->begun?->person,
            $l->from > $soon ? $l->from : null,
        ], $this->loads());

        return hash('sha256', serialize([$loads, $day->bench]));
    }

    /** @return array{mixed, mixed, mixed, mixed} slots, blocks by phone, fingerprint and lateness, as they are kept */
    private function kept(): array
    {
        $kept = Cache::get(self::KEPT);

        return (is_array($kept) ? array_values($kept) : []) + [null, null, null, null];
    }

    /** As it was planned last; null if that is not known any more. */
    private function before(): ?Memory
    {
        [$rows, $counts] = $this->kept();
        if (!is_array($rows) || !is_array($counts)) {
            return null;
        }
        $slots = [];
        foreach ($rows as $row) {
            [$load, $index, $person, $from, $hands, $to] = is_array($row) ? $row + array_fill(0, 6, null) : [];
            if (is_string($load) && is_int($index) && is_string($person) && is_int($from)) {
                $slots[] = new Slot(
                    $load,
                    $index,
                    $person,
                    $from,
                    is_int($hands) ? $hands : $from,
                    is_int($to) ? $to : $from,
                );
            }
        }

        $blocks = [];
        foreach ($counts as $load => $count) {
            $blocks += is_int($count) ? [(string) $load => $count] : [];
        }

        return new Memory($slots, $blocks);
    }
}
