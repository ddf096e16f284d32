<?php

declare(strict_types=1);

namespace App\Papers;

use App\Counter\PhotoStore;
use App\Counter\ReadPicture;
use App\Exceptions\Conflict;
use App\Jobs\Planning;
use App\Jobs\Runs;
use App\Models\GateSignature;
use App\Models\Job;
use App\Models\OldPartKept;
use App\Models\PhoneTest;
use App\Models\PlanChange;
use App\Phones\PhoneLibrary;
use App\Words\RecordWords;
use App\Words\ShopTime;
use App\Words\ShownUnits;
use App\Words\Words;
use Facelift\Bench\BenchTime;
use Facelift\Bench\DataTold;
use Facelift\Bench\Run;
use Facelift\Condition\Mark;
use Facelift\Condition\MarkWords;
use Illuminate\Support\Facades\URL;

/** The job sheet that goes with the phone, as PDF: what was, in the shop's own time. */
final readonly class JobSheet
{
    /** Photos of check-in that are printed. */
    private const PHOTOS = 4;

    public function __construct(
        private JobExport $export,
        private Runs $runs,
        private Words $words,
        private PhoneLibrary $phones,
        private Planning $planning,
        private RecordWords $record,
        private ShopTime $time,
        private ShownUnits $units,
        private PhotoStore $photos,
        private SealLines $seals,
    ) {}

    /** @throws Conflict If the job has no plan yet. */
    public function pdf(Job $job): string
    {
        return PdfPaper::of($this->units->inHtml($this->html($job)));
    }

    /** @throws Conflict If the job has no plan yet. */
    public function html(Job $job): string
    {
        $run = $this->runs->run($job);
        $drawings = new PhoneDrawings($run->plan->basis->phone);

        return view('sheet', [
            'job' => $job,
            'export' => $this->export->of($job),
            'run' => $run,
            'state' => $run->state,
            'time' => $this->time,
            'times' => BenchTime::of($run),
            'adhesives' => $this->seals->of($run),
            'early' => [
                ...array_map(fn(array $e): string => $this->record->said(...$e), $run->endedEarly()),
                ...array_map(fn(array $l): string => $this->record->notRenewed(...$l), $run->notRenewed()),
            ],
            'data' => array_map(
                $this->words->reason(...),
                [...(new DataTold($run))->happened(), ...(new DataTold($run))->customer($job->quote?->data)],
            ),
            'troubles' => $this->troubles($job),
            'oldParts' => OldPartKept::query()->where('job_id', $job->id)->orderBy('id')->get(),
            'felt' => $this->felt($job, $drawings),
            'signed' => $this->signed($job),
            'code' => QrCode::picture(URL::to("/jobs/$job->id/hand-over")),
            'words' => $this->words,
        ] + $this->before($job, $run, $drawings))->render();
    }

    /**
     * The condition before: marks in words and drawn, and photos.
     *
     * @return array{marks: list<string>, drawings: array<string, string>, photos: list<array{at: string, src: string}>}
     */
    private function before(Job $job, Run $run, PhoneDrawings $drawings): array
    {
        $marks = $this->planning->condition($job)->marks;
        $words = new MarkWords();
        $phone = $run->plan->basis->phone;
        $photos = [];
        foreach ($job->photos()->orderBy('created_at')->limit(self::PHOTOS)->get() as $photo) {
            $jpeg = $this->photos->jpeg($photo->id);
            if ($jpeg !== null) {
                $photos[] = ['at' => $this->time->moment($photo->created_at), 'src' => ReadPicture::small($jpeg)];
            }
        }

        return [
            'marks' => array_map(fn(Mark $m): string => $this->words->reason($words->of($m, $phone)), $marks),
            'drawings' => $drawings->marks($marks),
            'photos' => $photos,
        ];
    }

    /** @return array{picture: string, percent: float|null, gate: string}|null null if nothing was measured on it */
    private function felt(Job $job, PhoneDrawings $drawings): ?array
    {
        $tests = PhoneTest::query()->where('job_id', $job->id)->orderBy('at')->get();
        $touch = $tests->where('function', 'touch')->last();
        $image = $tests->where('function', 'image')->last();
        $last = $touch ?? $image;
        if ($last === null) {
            return null;
        }
        $percent = $touch?->figures['percent'] ?? null;

        return [
            'picture' => $drawings->felt($touch, $image),
            'percent' => is_numeric($percent) ? (float) $percent : null,
            'gate' => $last->gate,
        ];
    }

    /** @return array{name: string, at: string, picture: string|null}|null */
    private function signed(Job $job): ?array
    {
        $signed = GateSignature::query()->where('job_id', $job->id)->orderByDesc('at')->first();

        return $signed === null ? null : [
            'name' => $signed->name,
            'at' => $this->time->ms($signed->at),
            'picture' => Picture::signature($signed->strokes),
        ];
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
}
