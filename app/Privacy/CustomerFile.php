<?php

declare(strict_types=1);

namespace App\Privacy;

use App\Counter\PhotoStore;
use App\Models\Audit;
use App\Models\GateSignature;
use App\Models\Job;
use App\Models\JobPhoto;
use App\Papers\JobExport;
use Facelift\Cost\QuoteDocument;
use Illuminate\Support\Collection;
use ZipArchive;

/** Everything that is kept of a customer in some jobs, as one ZIP file: a folder for each job. */
final readonly class CustomerFile
{
    public function __construct(private JobExport $export, private PhotoStore $photos) {}

    /**
     * @param Collection<int, Job> $jobs
     *
     * @return string the file's bytes
     */
    public function of(Collection $jobs): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'facelift-customer');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($jobs as $job) {
            $folder = $job->tag();
            $zip->addFromString("$folder/job.json", self::json($this->job($job)));
            foreach (JobPhoto::query()->where('job_id', $job->id)->orderBy('created_at')->get() as $photo) {
                $jpeg = $this->photos->jpeg($photo->id);
                if ($jpeg !== null) {
                    $zip->addFromString("$folder/photo-$photo->id.jpg", $jpeg);
                }
            }
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** @return array<string, mixed> */
    private function job(Job $job): array
    {
        return [
            'record' => $this->export->of($job),
            'imei' => $job->imei,
            'receipt' => $job->receipt,
            'quote' => $job->quote === null ? null : (new QuoteDocument())->write($job->quote),
            'claim' => $job->claim === null ? null : [
                'policy' => $job->claim->policy,
                'state' => $job->claim->state->value,
                'asked' => $job->claim->asked,
                'authorised' => $job->claim->authorised,
            ],
            'signatures' => GateSignature::query()
                ->where('job_id', $job->id)
                ->get(['name', 'at', 'strokes'])
                ->toArray(),
            'changes' => Audit::query()->where('about', 'job')->where('of', $job->id)->orderBy('id')->get()
                ->map(static fn(Audit $a): array => ['at' => $a->at, 'act' => $a->act->value, 'changes' => $a->changes])
                ->all(),
        ];
    }

    private static function json(mixed $data): string
    {
        return json_encode(
            $data,
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
