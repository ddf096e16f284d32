<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\OrderState;
use App\Models\PartOrder;
use App\Models\PlanChange;
use App\Models\User;
use App\Outside\NoGoodAnswer;
use App\Outside\Supplier;
use App\Phones\PhoneLibrary;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Orders the part that a trouble asks for. Whatever happens on the way, one part at most is ordered. */
final readonly class OrderPart
{
    public function __construct(private Supplier $supplier, private PhoneLibrary $phones) {}

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
                return [$this->mayGoOn($there, $id, $sku), $kind];
            }
            if ($locked->handed_over_at !== null) {
                throw Conflict::closed($locked);
            }
            $offer = array_values(
                array_filter(
                    $this->supplier->known($locked->model_code, $kind)->offers ?? [],
                    static fn(array $o): bool => $o['sku'] === $sku,
                ),
            )[0]
                ?? throw Conflict::notReachable(sprintf('%s is not offered any more. Ask the supplier anew.', $sku));

            return [
                PartOrder::query()
                    ->create([
                        'id' => $id,
                        'job_id' => $locked->id,
                        'change_id' => $row->id,
                        'sku' => $sku,
                        'name' => $offer['name'],
                        'price' => $offer['price'],
                        'lead_days' => $offer['leadDays'],
                        'state' => OrderState::Asked,
                        'user_id' => $user->id,
                    ])
                    ->refresh(),
                $kind,
            ];
        }, 3);
        if ($order->state === OrderState::Asked) {
            $this->ask($job, $order, $kind);
        }

        return $order->refresh();
    }

    /**
     * What kind of part a trouble asks for, as the supplier is asked for it.
     *
     * @throws Conflict If it asks for none.
     */
    public function kind(Job $job, PlanChange $change): string
    {
        return $change->part === null
            ? throw Conflict::notReachable('Nothing has to be ordered for this.')
            : $this->phones->phone($job->phone)->parts[$change->part]->kind->value;
    }

    /**
     * An order that was never answered may have got through: it is asked for again under its first id, never a second
     * one beside it.
     */
    private function mayGoOn(PartOrder $there, string $id, string $sku): PartOrder
    {
        if ($there->sku !== $sku) {
            throw Conflict::notReachable(
                sprintf(
                    '%s is %s.',
                    $there->sku,
                    $there->state === OrderState::Ordered
                        ? 'ordered already'
                        : 'asked for, and that may have got through: try again with it',
                ),
            );
        }
        if ($there->state === OrderState::Ordered && $there->id !== $id) {
            throw Conflict::notReachable(sprintf('%s is ordered already.', $there->sku));
        }

        return $there;
    }

    /** @throws Conflict If the supplier declines. */
    private function ask(Job $job, PartOrder $order, string $kind): void
    {
        try {
            $said = $this->supplier->order($order, $job->model_code, $kind);
            $order->update([
                'state' => OrderState::Ordered,
                'reference' => $said['reference'],
                'lead_days' => $said['leadDays'],
                'due_on' => Carbon::today()->addDays($said['leadDays']),
                'fault' => null,
            ]);
        } catch (NoGoodAnswer $e) {
            if ($e->declined) {
                // It knows the order by its id, so a no means that there is none: another may be chosen.
                $order->delete();
                throw Conflict::notReachable(
                    sprintf(
                        'The supplier does not take the order for %s: price or stock have changed. Ask it anew.',
                        $order->sku,
                    ),
                );
            }
            $order->update(['fault' => $e->fault]);
        }
    }
}
