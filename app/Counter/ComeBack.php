<?php

declare(strict_types=1);

namespace App\Counter;

use App\Exceptions\Conflict;
use App\Models\CameBack;
use App\Models\ClosedAs;
use App\Models\Comeback as Row;
use App\Models\Job;
use App\Models\User;
use App\Record\KeepRecord;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Geometry\Side;
use Illuminate\Support\Facades\DB;

/** Opens a job again for a phone that came back: a new job of the same phone, tied to the one before. */
final readonly class ComeBack
{
    public function __construct(private OpenJob $open, private TiedTo $tied, private KeepRecord $record) {}

    /**
     * The same id again gives the job that is there.
     *
     * @throws Conflict If the job before was not repaired and handed over.
     */
    public function __invoke(
        Job $before,
        User $user,
        string $id,
        CameBack $what,
        ?PhoneFunction $function,
        ?Side $side,
        string $text,
    ): Job {
        if ($before->closed_as !== ClosedAs::HandedOver) {
            throw Conflict::notReachable($before->tag() . ' was not repaired and handed over: nothing can come back.');
        }

        return DB::connection()->transaction(function () use (
            $before,
            $user,
            $id,
            $what,
            $function,
            $side,
            $text,
        ): Job {
            $job = ($this->open)($user, [
                'id' => $id,
                'phone' => $before->phone,
                'modelCode' => $before->model_code,
                'colour' => $before->colour,
                'customer' => $before->customer,
                'imei' => $before->imei,
            ]);
            if (Row::query()->find($job->id) === null) {
                $job->comeback_of = $before->id;
                $job->save();
                Row::query()->create([
                    'job_id' => $job->id,
                    'of_id' => $before->id,
                    'what' => $what,
                    'function' => $function?->value,
                    'side' => $side?->value,
                    'text' => $text,
                    'tied' => $this->tied->of($before, $what, $function),
                ]);
                $this->record->cameBack($before, $what);
            }

            return $job;
        });
    }
}
