<?php

declare(strict_types=1);

namespace App\Support;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\PlanChange;
use Facelift\Bench\BenchState;
use Facelift\Condition\Mark;
use Facelift\Condition\MarkWords;
use Illuminate\Support\Carbon;

/** The job sheet that goes with the phone, as PDF. */
final readonly class JobSheet
{
    public function __construct(private JobExport $export, private Runs $runs, private Words $words, private PhoneLibrary $phones, private Planning $planning) {}

    /** @throws Conflict If the job has no plan yet. */
    public function pdf(Job $job): string
    {
        return PdfPaper::of($this->html($job));
    }

    /** @throws Conflict If the job has no plan yet. */
    public function html(Job $job): string
    {
        $state = $this->runs->state($job);

        return view('sheet', [
            'job' => $job,
            'export' => $this->export->of($job),
            'state' => $state,
            'marks' => array_map(fn(Mark $m): string => $this->words->reason((new MarkWords())->of($m, $this->phones->phone($job->phone))), $this->planning->condition($job)->marks),
            'adhesives' => $this->adhesives($job, $state),
            'troubles' => $this->troubles($job),
            'words' => $this->words,
        ])->render();
    }

    /** @return list<string> what went wrong at the bench, with what was agreed about the price */
    private function troubles(Job $job): array
    {
        $phone = $this->phones->phone($job->phone);

        return array_values(PlanChange::query()->where('job_id', $job->id)->orderBy('at')->get()->map(function (PlanChange $c) use ($phone): string {
            $because = array_map(fn(array $r): string => $this->words->say('reason.' . $r['code'], $r['figures']), $c->because);
            $price = $c->gross === null ? '' : sprintf(' Agreed: %s more.', $c->gross);

            return sprintf('%s: %s. %s.%s', $this->words->say('trouble.' . $c->trouble), $phone->nameOf($c->subject), implode('. ', $because), $price);
        })->all());
    }

    /**
     * Every bond that was made again, and when its clamps were or will be off.
     *
     * @return list<array{name: string, how: string, done: string|null, set: string|null}>
     */
    private function adhesives(Job $job, BenchState $state): array
    {
        $plan = $this->runs->plan($job);
        $rows = [];
        foreach ($plan->steps as $step) {
            if ($step->kind !== 'lay-seal') {
                continue;
            }
            $bond = substr($step->id, strlen('lay-seal:'));
            $clamp = $plan->steps['clamp:' . $bond] ?? null;
            $started = $clamp === null ? null : ($state->timers[$clamp->id] ?? null);
            $done = $state->done[$step->id] ?? null;
            $file = $this->phones->phone($job->phone)->bonds[$bond];
            $rows[] = [
                'name' => $file->name,
                'how' => $this->words->say('renewal.' . $file->renewal->value),
                'done' => $done === null ? null : self::moment($done->at),
                'set' => $started === null || $clamp === null ? null : self::moment($started->at + (int) ($clamp->wait * 1000)),
            ];
        }

        return $rows;
    }

    private static function moment(int $at): string
    {
        return Carbon::createFromTimestampMs($at)->toDateTimeString('minute') . ' UTC';
    }
}
