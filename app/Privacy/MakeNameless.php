<?php

declare(strict_types=1);

namespace App\Privacy;

use App\Audit\Trail;
use App\Exceptions\Conflict;
use App\Models\Claim;
use App\Models\GateSignature;
use App\Models\Job;
use App\Models\JobPhoto;
use App\Models\JobWords;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Takes the customer out of a job that is closed: name, IMEI, receipt and signatures, photos, policy number. What was
 * wrong, what was done, with which part and for how much stays: it is about the phone, and about the shop's books.
 */
final readonly class MakeNameless
{
    /** What stands in the place of the name. */
    public const NAME = '–';

    public function __construct(private Trail $trail) {}

    /**
     * The same again changes nothing.
     *
     * @throws Conflict If the phone is still here, or an insurer still owes for it.
     */
    public function __invoke(Job $job): Job
    {
        return DB::connection()->transaction(function () use ($job): Job {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            if ($locked->nameless_at !== null) {
                return $locked;
            }
            $this->mustBeOver($locked);
            $told = array_filter([$locked->customer, $locked->imei], is_string(...));
            $claim = $locked->claim;
            if ($claim !== null) {
                $told[] = $claim->policy;
                Claim::query()->whereKey($claim->id)->update(['policy' => '']);
            }
            // By itself, not by the model's events: the record of changes must not write the name down once more.
            JobPhoto::query()->where('job_id', $locked->id)->delete();
            GateSignature::query()->where('job_id', $locked->id)->delete();
            $locked->fill([
                'customer' => self::NAME,
                'imei' => null,
                'receipt' => null,
                'quote' => $locked->quote?->nameless(self::NAME),
                'nameless_at' => Carbon::now(),
                'version' => $locked->version + 1,
            ]);
            Job::withoutEvents(static function () use ($locked): void {
                $locked->save();
                JobWords::keep($locked);
            });
            $this->trail->forgets($locked, array_values($told));

            return $locked;
        });
    }

    private function mustBeOver(Job $job): void
    {
        if ($job->handed_over_at === null) {
            throw Conflict::notReachable(
                $job->tag() . ' is still here: its customer can be taken out once it is handed over or closed.',
            );
        }
        if ($job->claim !== null && !$job->claim->open()->isZero()) {
            throw Conflict::notReachable(
                $job->tag() . ' has money open with the insurer, which the policy number is needed for.',
            );
        }
    }
}
