<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Phones\PhoneLibrary;
use Facelift\Document\Unreadable;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What of a job is kept but cannot be read: it stands for this job alone, and takes nothing else with it. */
final readonly class Unread
{
    public function __construct(private Planning $planning, private Runs $runs, private PhoneLibrary $phones) {}

    /**
     * @return list<array{document: string, why: string}> the phone file, the condition, the quote, the plan; empty if
     *     all can be read
     */
    public function of(Job $job): array
    {
        $phone = $this->tried('phone', fn() => $this->phones->phone($job->phone));

        // Without the phone nothing that names its parts can be read either.
        return $phone !== [] ? $phone : [
            ...$this->tried('condition', fn() => $this->planning->condition($job)),
            ...$this->tried('quote', fn() => $job->quote),
            ...$this->tried('plan', fn() => $job->plan === null ? null : $this->runs->read($job)),
        ];
    }

    /**
     * @param \Closure(): mixed $read
     *
     * @return list<array{document: string, why: string}>
     */
    private function tried(string $document, \Closure $read): array
    {
        try {
            $read();

            return [];
        } catch (Unreadable|NotFoundHttpException|\JsonException $e) {
            return [['document' => $document, 'why' => mb_strimwidth($e->getMessage(), 0, 300, '…')]];
        }
    }
}
