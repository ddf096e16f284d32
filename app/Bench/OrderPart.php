<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\OrderState;
use App\Models\PartOrder;
use App\Models\PlanChange;
use App\Models\User;
use App\Phones\PhoneLibrary;
use App\Shelf\AskForOrder;
use Illuminate\Support\Facades\DB;

/** Orders the part that a trouble asks for. Whatever happens on the way, one part at most is ordered. */
final readonly class OrderPart
{
    public function __construct(private AskForOrder $ask, private PhoneLibrary $phones) {}

    /**
     * @param string $id client-made
     *
     * @throws Conflict If nothing is to be ordered, it is no longer offered, another order stands, or the supplier
     *     declines: then nothing is kept.
     */
    public function __invoke(
        Job $job,
        User $user,
        string $change,
        string $id,
        string $sku,
    ): PartOrder {
        [$order, $kind] = DB::connection()->transaction(function () use ($job, $user, $change, $id, $sku): array {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            $row = PlanChange::query()->whereKey($change)->where('job_id', $locked->id)->firstOrFail();
            $kind = $this->kind($locked, $row);
            $there = PartOrder::query()->where('change_id', $row->id)->first();
            if ($there !== null) {
                return [AskForOrder::mayGoOn($there, $id, $sku), $kind];
            }
            if ($locked->handed_over_at !== null) {
                throw Conflict::closed($locked);
            }
            $offer = $this->ask->offered($locked->model_code, $kind, $sku);

            return [
                PartOrder::query()
                    ->create([
                        'id' => $id,
                        'job_id' => $locked->id,
                        'change_id' => $row->id,
                        'sku' => $sku,
                        'kind' => $kind,
                        'name' => $offer['name'],
                        'supplier' => $offer['supplier'] ?? '',
                        'price' => $offer['price'],
                        'lead_days' => $offer['leadDays'],
                        'state' => OrderState::Asked,
                        'user_id' => $user->id,
                    ])
                    ->refresh(),
                $kind,
            ];
        }, 3);
        return ($this->ask)($order, $job->model_code, $kind);
    }

    /**
     * What kind of part a trouble asks for, as the supplier is asked for it.
     *
     * @throws Conflict If it asks for none.
     */
    public function kind(Job $job, PlanChange $change): string
    {
        return $change->part === null
            ? throw Conflict::notReachable('Nothing has to be ordered for this, and nothing was: go on at the bench.')
            : $this->phones->phone($job->phone)->parts[$change->part]->kind->value;
    }
}
