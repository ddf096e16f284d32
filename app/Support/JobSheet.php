<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Job;
use Dompdf\Dompdf;
use Dompdf\Options;
use Facelift\Bench\BenchState;
use Illuminate\Support\Carbon;

/** The job sheet that goes with the phone, as PDF. */
final readonly class JobSheet
{
    public function __construct(private JobExport $export, private Runs $runs, private Words $words)
    {
    }

    /** @throws \App\Exceptions\Conflict If the job has no plan yet. */
    public function pdf(Job $job): string
    {
        $options = new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'fontCache' => storage_path('framework'), 'tempDir' => storage_path('framework')]);
        $pdf = new Dompdf($options);
        $pdf->loadHtml($this->html($job), 'UTF-8');
        $pdf->setPaper('A4');
        $pdf->render();

        return (string) $pdf->output();
    }

    /** @throws \App\Exceptions\Conflict If the job has no plan yet. */
    public function html(Job $job): string
    {
        $state = $this->runs->state($job);

        return view('sheet', [
            'job' => $job,
            'export' => $this->export->of($job),
            'state' => $state,
            'adhesives' => $this->adhesives($job, $state),
            'words' => $this->words,
        ])->render();
    }

    /**
     * Every bond that was made again, and when its clamps were or will be off.
     *
     * @return list<array{name: string, how: string, done: string|null, set: string|null}>
     */
    private function adhesives(Job $job, BenchState $state): array
    {
        $steps = is_array($job->plan['steps'] ?? null) ? $job->plan['steps'] : [];
        $clamps = [];
        foreach ($steps as $step) {
            if (is_array($step) && $step['kind'] === 'clamp' && is_array($step['subjects'])) {
                $clamps[$step['subjects'][0]] = $step;
            }
        }
        $rows = [];
        foreach ($steps as $step) {
            if (!is_array($step) || $step['kind'] !== 'lay-seal' || !is_array($step['figures']) || !is_array($step['subjects'])) {
                continue;
            }
            $clamp = $clamps[$step['subjects'][0]] ?? null;
            $started = $clamp === null ? null : ($state->timers[$clamp['id']] ?? null);
            $done = $state->done[$step['id']] ?? null;
            $rows[] = [
                'name' => (string) $step['figures']['name'],
                'how' => $this->words->say('renewal.' . $step['figures']['how']),
                'done' => $done === null ? null : Carbon::createFromTimestampMs($done->at)->toDateTimeString('minute') . ' UTC',
                'set' => $started === null ? null : Carbon::createFromTimestampMs($started->at)->addSeconds((int) $clamp['wait'])->toDateTimeString('minute') . ' UTC',
            ];
        }

        return $rows;
    }
}
