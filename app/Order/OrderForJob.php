<?php

declare(strict_types=1);

namespace App\Order;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\OrderState;
use App\Models\PartOrder;
use App\Models\PartState;
use App\Models\ShelfItem;
use App\Models\User;
use App\Shelf\AskForOrder;
use App\Shelf\ShelfLabels;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Support\Facades\DB;

/**
 * Orders the part that a job needs. Once the supplier has said yes the part stands on the shelf's list as ordered,
 * reserved for the job: it is quoted and accepted with it, and what follows waits for it.
 */
final readonly class OrderForJob
{
    public function __construct(private AskForOrder $ask, private ShelfLabels $labels) {}

    /**
     * @param string $id client-made: the same order again is the same order
     *
     * @throws Conflict If the job has a part, another order stands, it is no longer offered, or the supplier declines:
     *     then nothing is kept.
     */
    public function __invoke(Job $job, User $user, string $id, string $sku): PartOrder
    {
        $order = DB::connection()->transaction(fn(): PartOrder => $this->asked($job, $user, $id, $sku), 3);
        $order = ($this->ask)($order, $job->model_code, (string) $order->kind);
        if ($order->state === OrderState::Ordered && $order->item_id === null) {
            DB::connection()->transaction(fn() => $this->onItsWay($order), 3);
        }

        return $order->refresh();
    }

    private function asked(Job $job, User $user, string $id, string $sku): PartOrder
    {
        $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
        $there = PartOrder::query()
            ->where('job_id', $locked->id)
            ->whereNull('change_id')
            ->whereIn('state', [OrderState::Asked, OrderState::Ordered])
            ->first();
        if ($there !== null) {
            return AskForOrder::mayGoOn($there, $id, $sku);
        }
        if ($locked->handed_over_at !== null) {
            throw Conflict::closed($locked);
        }
        if ($locked->kind === null) {
            throw Conflict::notReachable('What to fit is not chosen yet. First: Scope.');
        }
        $part = ShelfItem::query()->where('job_id', $locked->id)->first();
        if ($part !== null) {
            throw Conflict::notReachable(sprintf('%s is reserved for this job already.', $part->label));
        }
        $offer = $this->ask->offered($locked->model_code, $locked->kind->value, $sku);

        return PartOrder::query()
            ->create([
                'id' => $id,
                'job_id' => $locked->id,
                'change_id' => null,
                'kind' => $locked->kind->value,
                'sku' => $sku,
                'name' => $offer['name'],
                'supplier' => $offer['supplier'] ?? '',
                'price' => $offer['price'],
                'lead_days' => $offer['leadDays'],
                'state' => OrderState::Asked,
                'user_id' => $user->id,
            ])
            ->refresh();
    }

    private function onItsWay(PartOrder $order): void
    {
        $job = Job::query()->lockForUpdate()->findOrFail($order->job_id);
        $locked = PartOrder::query()->lockForUpdate()->findOrFail($order->id);
        if ($locked->item_id !== null) {
            return;
        }
        $item = ShelfItem::query()->create([
            'label' => $this->labels->next(),
            'name' => mb_substr($locked->name, 0, 120),
            'kind' => ReplacementKind::from((string) $locked->kind),
            'model_codes' => [$job->model_code],
            'supplier' => $locked->supplier === '' ? mb_substr($locked->name, 0, 80) : $locked->supplier,
            'batch' => $locked->sku,
            'place' => '–',
            'state' => PartState::Ordered,
            'cost' => $locked->price,
            'job_id' => $job->id,
        ]);
        $locked->update(['item_id' => $item->id]);
        ++$job->version;
        $job->save();
    }
}
