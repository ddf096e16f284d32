<?php

declare(strict_types=1);

namespace App\Papers;

use App\Exceptions\Conflict;
use App\Jobs\Planning;
use App\Jobs\Runs;
use App\Models\Job;
use App\Models\PlanChange;
use App\Phones\PhoneLibrary;
use App\Words\RecordWords;
use App\Words\Words;
use Facelift\Anatomy\Bond;
use Facelift\Bench\DataTold;
use Facelift\Bench\Run;
use Facelift\Condition\Mark;
use Facelift\Condition\MarkWords;
use Facelift\Plan\StepKind;
use Illuminate\Support\Carbon;

/** The job sheet that goes with the phone, as PDF. */
final readonly class JobSheet
{
    public function __construct(
        private JobExport $export,
        private Runs $runs,
        private Words $words,
        private PhoneLibrary $phones,
        private Planning $planning,
        private RecordWords $record,
    ) {}

    /** @throws Conflict If the job has no plan yet. */
    public function pdf(Job $job): string
    {
        return PdfPaper::of($this->html($job));
    }

    /** @throws Conflict If the job has no plan yet. */
    public function html(Job $job): string
    {
        $run = $this->runs->run($job);
        $phone = $run->plan->basis->phone;
        $marks = array_map(
            fn(Mark $m): string => $this->words->reason((new MarkWords())->of($m, $phone)),
            $this->planning->condition($job)->marks,
        );

        return view('sheet', [
            'job' => $job,
            'export' => $this->export->of($job),
            'run' => $run,
            'state' => $run->state,
            'marks' => $marks,
            'adhesives' => $this->adhesives($run),
            'early' => [
                ...array_map(fn(array $e): string => $this->record->said(...$e), $run->endedEarly()),
                ...array_map(fn(array $l): string => $this->record->notRenewed(...$l), $run->notRenewed()),
            ],
            'data' => array_map(
                $this->words->reason(...),
                [...(new DataTold($run))->happened(), ...(new DataTold($run))->customer($job->quote?->data)],
            ),
            'troubles' => $this->troubles($job),
            'words' => $this->words,
        ])->render();
    }

    /** @return list<string> what went wrong at the bench, with what was agreed about the price */
    private function troubles(Job $job): array
    {
        $phone = $this->phones->phone($job->phone);

        return array_values(
            PlanChange::query()
                ->where('job_id', $job->id)
                ->orderBy('at')
                ->get()
                ->map(function (PlanChange $c) use ($phone): string {
                    $because = array_map(
                        fn(array $r): string => Words::sentence(
                            $this->words->say('reason.' . $r['code'], $r['figures']),
                        ),
                        $c->because,
                    );
                    $price = $c->gross === null ? '' : sprintf(' Agreed: %s more.', $c->gross);

                    return sprintf(
                        '%s: %s. %s%s',
                        $this->words->say('trouble.' . $c->trouble),
                        $phone->nameOf($c->subject),
                        implode(' ', $because),
                        $price,
                    );
                })
                ->all(),
        );
    }

    /**
     * Every bond that was made again, and how its clamps really were on.
     *
     * @return list<array{name: string, how: string, done: string|null, clamped: string|null}>
     */
    private function adhesives(Run $run): array
    {
        $rows = [];
        foreach ($run->plan->steps as $step) {
            $bond
                = $step->kind() === StepKind::LaySeal ? $run->plan->basis->phone->bonds[$step->act->subjects[0]] : null;
            if ($bond === null) {
                continue;
            }
            $done = $run->state->done[$step->id] ?? null;
            $clamp = $run->clampOf($bond->id);
            $waited = $clamp === null ? null : $run->waited($clamp);
            $rows[] = [
                'name' => $bond->name,
                'how' => $done?->saysNotRenewed() === true
                        ? $this->words->say('record.not-renewed-short')
                        : $this->how($run, $bond),
                'done' => $done === null ? null : self::moment($done->at),
                'clamped' => $waited === null
                        ? ($clamp === null
                            ? null
                            : $this->words->say('record.not-clamped'))
                        : $this->record->clamped($waited),
            ];
        }

        return $rows;
    }

    private function how(Run $run, Bond $bond): string
    {
        $way = ($run->plan->sealing->seals[$bond->id] ?? null)?->way;

        return $this->words->say($way === null ? 'renewal.' . $bond->closing->renewal->value : 'way.' . $way->value);
    }

    private static function moment(int $at): string
    {
        return Carbon::createFromTimestampMs($at)->toDateTimeString('minute') . ' UTC';
    }
}
