<?php

declare(strict_types=1);

namespace App\Day;

use App\Jobs\ShopDay;
use App\Models\Job;
use App\Models\RunningClock;
use Carbon\CarbonInterface;
use Facelift\Schedule\Begun;
use Facelift\Schedule\Chain;
use Facelift\Schedule\Load;
use Facelift\Schedule\Piece;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What customers have said yes to and is not done, as loads of the day. */
final class Accepted
{
    /** s that a job takes of which only the minutes of hands are known */
    private const CLAMPED = 1800.0;
    /** ms after a step in which whoever did it has the phone in hand (common practice, no source) */
    private const IN_HAND = 1_800_000;
    /** How much more a promise counts that was pinned. */
    public const FIRM = 10;
    /** When what comes with the day's deliveries is there, by the clock on the wall (common practice, no source). */
    private const DELIVERED = '12:00';

    /** @var Collection<int, Job>|null */
    private ?Collection $jobs = null;

    public function __construct(private readonly ShopDay $shop) {}

    public function forget(): void
    {
        $this->jobs = null;
    }

    /** @return Collection<int, Job> only with what the day needs; fetched once, whatever the shop's history */
    public function jobs(): Collection
    {
        return $this->jobs ??= Job::query()
            ->whereNotNull('accepted_at')
            ->whereNull('handed_over_at')
            ->orderBy('number')
            ->with(['clocks', 'order', 'part:id,job_id,label,state'])
            ->get([
                ...Job::listed(),
                'version',
                'remaining',
                'guessed',
                'hand',
                'hand_at',
                'pin_at',
                'firm',
                // Only the figure: a quote that cannot be read is the job's own affair.
                DB::raw("json_value(quote, '$.handsOn') as hands"),
            ]);
    }

    /**
     * @param int $now ms since 1970
     *
     * @return list<Load> of those that have something left to do, one of them left out
     */
    public function loads(int $now, ?string $but = null): array
    {
        $loads = [];
        foreach ($this->jobs() as $job) {
            $load = $job->id === $but ? null : $this->load($job, $now);
            if ($load !== null && $load->blocks !== []) {
                $loads[] = $load;
            }
        }

        return $loads;
    }

    /** What has to come before anybody can begin; null if nothing. */
    public static function waitsFor(Job $job): ?Waits
    {
        return match (true) {
            $job->comes_on !== null => Waits::Phone,
            $job->order !== null => $job->order->isOverdue() ? Waits::Overdue : Waits::Part,
            default => null,
        };
    }

    private function load(Job $job, int $now): ?Load
    {
        $chain = $this->chain($job);
        if ($chain === null) {
            return null;
        }
        $begun = $this->begun($job, $chain, $now);

        return new Load(
            $job->id,
            $begun[0],
            max($now, $this->from($job, $job->order?->item_id)),
            $job->promised_at === null ? PHP_INT_MAX : $job->promised_at->getTimestampMs(),
            $job->guessed ? Spread::OF_UNKNOWN : Spread::OF_KNOWN,
            $job->firm ? self::FIRM : 1,
            $begun[1],
            $job->pin_at,
        );
    }

    private function chain(Job $job): ?Chain
    {
        if ($job->remaining !== null) {
            return Chain::read($job->remaining);
        }

        $hands = $job->getAttribute('hands');

        return is_numeric($hands) ? new Chain([new Piece('', (float) $hands, self::CLAMPED)]) : null;
    }

    /**
     * A clock that runs takes its piece out of what is left to do: what follows can be gone on with when it has run.
     *
     * @return array{Chain, Begun|null}
     */
    private function begun(Job $job, Chain $chain, int $now): array
    {
        $hand = $job->hand === null || $job->hand_at === null || $job->hand_at < $now - self::IN_HAND
            ? null
            : (string) $job->hand;
        $first = $chain->pieces[0] ?? null;
        $clock = $job->clocks->first(static fn(RunningClock $c): bool => $c->step === $first?->step);
        if ($first !== null && $clock !== null) {
            $over = max($now, $clock->lift_at ?? $clock->since + 1000 * $clock->seconds);
            $begun = new Begun($first->atOnce() ? $hand : null, $over, $first->equipment);

            return [new Chain(array_slice($chain->pieces, 1)), $begun];
        }
        // Of several phones somebody has the one in hand that was touched last.
        $last = $hand === null ? null : $this->jobs()->where('hand', $job->hand)->sortByDesc('hand_at')->first();

        return [$chain, $hand === null || $last?->id !== $job->id ? null : new Begun($hand, $now)];
    }

    /**
     * When phone and part are there, ms since 1970; 0 if they are.
     *
     * @param int|null $item on the shelf that it is done with
     */
    public function from(Job $job, ?int $item): int
    {
        return max($this->phoneFrom($job) ?? 0, $this->partFrom($job, $item) ?? 0);
    }

    /** When the phone is brought, ms since 1970; null if it is there. */
    public function phoneFrom(Job $job): ?int
    {
        return $job->comes_on === null ? null : $this->on($job->comes_on, '00:00');
    }

    /**
     * When the part comes, ms since 1970; null if it is there.
     *
     * @param int|null $item on the shelf that it is done with
     */
    public function partFrom(Job $job, ?int $item): ?int
    {
        $order = $job->order;
        if ($order?->due_on === null || $order->item_id !== $item) {
            return null;
        }

        // Nobody knows when what is overdue comes: not today.
        return $this->on($order->isOverdue() ? Carbon::tomorrow() : $order->due_on, self::DELIVERED);
    }

    private function on(CarbonInterface $day, string $clock): int
    {
        $zone = $this->shop->shop()->bench->hours->zone;

        return Carbon::parse($day->toDateString() . ' ' . $clock, $zone)->getTimestampMs();
    }
}
