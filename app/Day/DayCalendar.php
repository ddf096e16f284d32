<?php

declare(strict_types=1);

namespace App\Day;

use App\Jobs\ShopDay;
use App\Phones\PhoneLibrary;
use App\Words\Words;
use Facelift\Calendar\Event;
use Facelift\Calendar\ICalendar;
use Facelift\Schedule\Slot;

/** Promises and the day at the bench as a calendar. Phones by tag and model; no customer is named in it. */
final readonly class DayCalendar
{
    public function __construct(
        private BenchDay $day,
        private Accepted $accepted,
        private ShopDay $shop,
        private PhoneLibrary $phones,
        private Words $words,
    ) {}

    /** @param string $origin address of the shop's own page, without a slash at the end */
    public function text(string $origin): string
    {
        $this->day->forget();
        $zone = $this->shop->shop()->bench->hours->zone;

        return (new ICalendar($zone, 'Facelift: bench day'))
            ->write([...$this->promises($origin), ...$this->work($origin)], $this->day->now());
    }

    /** @return list<Event> */
    private function promises(string $origin): array
    {
        $events = [];
        foreach ($this->accepted->jobs() as $job) {
            if ($job->promised_at !== null) {
                $at = $job->promised_at->getTimestampMs();
                $events[] = new Event(
                    "promise-$job->id@facelift",
                    $at,
                    $at,
                    $this->words->say('calendar.promised', ['tag' => $job->tag()]),
                    $this->phones->nameOf($job->phone),
                    "$origin/jobs/$job->id/bench",
                );
            }
        }

        return $events;
    }

    /** @return list<Event> */
    private function work(string $origin): array
    {
        $laid = $this->day->planned()->laid;
        $tags = $names = [];
        foreach ($this->accepted->jobs() as $job) {
            $tags[$job->id] = $job->tag();
        }
        foreach (ShopDay::accounts() as $account) {
            $names[(string) $account->id] = $account->name;
        }

        return array_map(fn(Slot $s): Event => new Event(
            "work-$s->load-" . ($laid->blocks()[$s->load] - $s->index) . '@facelift',
            $laid->day->time->begin($s->from),
            $laid->day->time->moment($s->hands),
            $this->words->say('calendar.work', [
                'tag' => $tags[$s->load] ?? '',
                'name' => $names[$s->person] ?? '?',
            ]),
            $this->words->say('calendar.as-planned', []),
            "$origin/jobs/$s->load/bench",
        ), $laid->slots());
    }
}
