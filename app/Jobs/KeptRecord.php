<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\BenchEvent;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Listed;
use Facelift\Bench\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The events of a job in the database, fetched only when a run asks for them, and those that are about to be kept. */
final class KeptRecord implements Record
{
    /** @var list<Event>|null all that are in the database, once they were asked for */
    private ?array $all = null;

    /**
     * @param array<string, bool>  $looked whether it is in the database, for ids that were looked up before
     * @param array<string, Event> $ahead  not in the database yet, by id
     */
    private function __construct(
        private readonly string $job,
        private readonly array $looked = [],
        private readonly array $ahead = [],
    ) {}

    /** @param list<string> $ids that will be asked for: they are looked up at once */
    public static function of(string $job, array $ids = []): self
    {
        if ($ids === []) {
            return new self($job);
        }
        $there = (new self($job))->rows()->whereIn('id', $ids)->pluck('id')->all();
        $looked = [];
        foreach ($ids as $id) {
            $looked[$id] = in_array($id, $there, true);
        }

        return new self($job, $looked);
    }

    /** The place in the order of arrival of the latest that is in the database; 0 if there is none. */
    public function upto(): int
    {
        $last = $this->rows()->max('seq');

        return is_numeric($last) ? (int) $last : 0;
    }

    public function has(string $id): bool
    {
        return isset($this->ahead[$id]) || ($this->looked[$id] ?? $this->rows()->where('id', $id)->exists());
    }

    public function with(Event $event): self
    {
        $next = new self($this->job, $this->looked, $this->ahead + [$event->id => $event]);
        $next->all = $this->all;

        return $next;
    }

    public function told(EventType $type): array
    {
        $ahead = array_filter($this->ahead, static fn(Event $e): bool => $e->type === $type);

        return $this->merged($this->rows()->where('type', $type->value), $ahead);
    }

    public function all(): array
    {
        $this->all ??= $this->merged($this->rows(), []);

        return $this->ahead === [] ? $this->all : Listed::into($this->all, $this->ahead);
    }

    private function rows(): Builder
    {
        return DB::table('bench_events')->where('job_id', $this->job);
    }

    /**
     * @param array<string, Event> $ahead
     *
     * @return list<Event> in the order of their own times
     */
    private function merged(Builder $rows, array $ahead): array
    {
        $events = [];
        // Bare rows: a long record has thousands, and a model for each would cost more than folding them.
        foreach ($rows->orderBy('at')->orderBy('id')->get(['id', 'type', 'at', 'data']) as $row) {
            $events[] = BenchEvent::read($row);
        }

        return $ahead === [] ? $events : Listed::into($events, $ahead);
    }
}
