<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Facelift\Document\Unreadable;
use Facelift\Schedule\Day\Day;
use Facelift\Schedule\Day\Effort;
use Facelift\Schedule\Day\Planned;
use Facelift\Schedule\Day\Planner;
use Facelift\Schedule\DayReader;
use Facelift\Schedule\JobShop\Answer;
use Facelift\Schedule\JobShop\Shop;
use Facelift\Schedule\JobShop\Solver;
use Facelift\Schedule\NeverOpen;
use Illuminate\Console\Command;
use JsonException;
use Symfony\Component\Console\Output\OutputInterface;

/** Schedules a day at a bench, or a job shop in the usual text form; needs no database. */
final class ScheduleShop extends Command
{
    protected $signature = 'facelift:schedule
        {file : a day as JSON, or jobs and machines, then machine and time in pairs}';

    protected $description = 'Schedule a day or a job shop, and say how near to the best it is';

    public function handle(): int
    {
        $file = $this->argument('file');
        if (!is_string($file) || !is_file($file)) {
            $this->components->error('There is no such file.');

            return self::FAILURE;
        }
        $text = (string) file_get_contents($file);
        try {
            if (str_starts_with(ltrim($text), '{')) {
                $day = (new DayReader())->read(json_decode($text, true, 64, JSON_THROW_ON_ERROR));
                $this->sayDay($day, (new Planner())->plan($day, Effort::thorough()));
            } else {
                $shop = Shop::read($text);
                $this->sayShop($shop, (new Solver())->solve($shop));
            }
        } catch (Unreadable|NeverOpen $e) {
            $this->components->error($e->getMessage());

            return self::FAILURE;
        } catch (JsonException $e) {
            $this->components->error('The file is not JSON: ' . $e->getMessage() . '.');

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    private function sayDay(Day $day, Planned $planned): void
    {
        $zone = $day->bench->hours->zone;
        $time = static fn(int $ms): string
            => (new \DateTimeImmutable('@' . intdiv($ms, 1000)))->setTimezone($zone)->format('D H:i:s');
        foreach ($planned->laid->slots() as $slot) {
            $this->say(sprintf(
                '%s–%s  %s: %s, piece %d%s',
                $time($day->time->begin($slot->from)),
                $time($day->time->moment($slot->hands)),
                $slot->person,
                $slot->load,
                $slot->index + 1,
                $slot->to > $slot->hands ? ', then without hands until ' . $time($day->time->moment($slot->to)) : '',
            ));
        }
        foreach ($planned->laid->ready() as $phone => $at) {
            $this->say(sprintf('%s is ready %s', $phone, $time($day->time->moment($at))));
        }
        foreach ($day->stuck as $phone) {
            $this->say(sprintf('%s: nobody who is there may do all of it', $phone));
        }
        $this->say(sprintf(
            'late %d s (weighted), no day is less late than %d s: %s',
            $planned->value->late,
            $planned->late,
            match (true) {
                $planned->proven => 'proven to be the best, in lateness and then in finishing times',
                $planned->isLeastLate() => 'no day is less late',
                default => 'a better one may exist',
            },
        ));
    }

    private function sayShop(Shop $shop, Answer $answer): void
    {
        foreach ($answer->starts as $j => $starts) {
            $parts = [];
            foreach ($starts as $i => $start) {
                [$machine, $time] = $shop->jobs[$j][$i];
                $parts[] = sprintf('%d: %d–%d', $machine, $start, $start + $time);
            }
            $this->say(sprintf('job %d  %s', $j, implode('  ', $parts)));
        }
        $near = $answer->isOptimal()
            ? 'proven to be the best'
            : sprintf('at most %.1f %% over the best', $answer->gap());
        $this->say(sprintf('length %d, bound %d: %s', $answer->length, $answer->bound, $near));
    }

    private function say(string $line): void
    {
        $this->output->writeln($line, OutputInterface::OUTPUT_RAW);
    }
}
