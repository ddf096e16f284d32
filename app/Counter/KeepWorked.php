<?php

declare(strict_types=1);

namespace App\Counter;

use App\Jobs\Runs;
use App\Models\Job;
use App\Models\PhoneDrawing;
use App\Models\User;
use App\Phones\DrawPhone;
use App\Phones\PhoneLibrary;
use Facelift\Capture\Worked;

/** Keeps what a first repair has shown of its phone as the next version of its file: the next job opens with it. */
final readonly class KeepWorked
{
    public function __construct(private PhoneLibrary $phones, private DrawPhone $draw, private Runs $runs) {}

    /** Nothing is kept of a phone that was drawn. Call it inside the transaction that closes the job. */
    public function __invoke(Job $job, User $user): void
    {
        if (!$this->phones->phone($job->phone)->footing->isProvisional()) {
            return;
        }
        $run = $this->runs->run($job);
        $handled = [];
        foreach (array_intersect_key($run->plan->steps, $run->state->done) as $step) {
            array_push($handled, ...$step->act->subjects);
        }
        $document = [];
        foreach ((array) $this->phones->document($job->phone) as $key => $value) {
            $document[(string) $key] = $value;
        }
        $id = explode('@', $job->phone)[0];
        $last = PhoneDrawing::query()->where('phone', $id)->max('version');
        ($this->draw)($user, $id, is_numeric($last) ? (int) $last : 0, Worked::on($document, $handled));
    }
}
