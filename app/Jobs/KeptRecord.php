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
     * @param array<string, string> $looked job that it is in the database for, '' for none, by ids that were looked up
     * @param array<string, Event> $ahead  not in the database yet, by id
     */
    private function __construct(
        private readonly string $job,
        private readonly array $looked = [],
        private readonly array $ahead = [],
    ) {}

    /**
     * Which jobs events with these ids are in the database for; '' for those that are not there.
     *
     * @param list<string> $ids
     *
     * @return array<string, string> by id
     */
    public static function look(array $ids): array
    {
        $there = DB::table('bench_events')->whereIn('id', $ids)->pluck('job_id', 'id');
        $jobs = [];
        foreach ($ids as $id) {
            $job = $there->get($id);
            $jobs[$id] = is_string($job) ? $job : '';
        }

        return $jobs;
    }

    /** @param array<string, string> $looked ids that will be asked for, with the jobs that they are there for */
    public static function of(string $job, array $looked = []): self
    {
        return new self($job, $looked);
    }

    public function has(string $id): bool
    {
        return isset($this->ahead[$id])
            || (isset($this->looked[$id])
                ? $this->looked[$id] === $this->job
                : $this->rows()->where('id', $id)->exists());
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
