<?php

declare(strict_types=1);

namespace App\Order;

use App\Bench\PartFailed;
use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\OrderState;
use App\Models\PartOrder;
use App\Models\PartState;
use App\Models\ShelfItem;
use App\Models\User;
use App\Shelf\ChoosePart;
use Carbon\CarbonInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What was ordered comes, comes later, or does not come, or something else does. */
final readonly class Arrival
{
    public function __construct(private PartFailed $failed, private ChoosePart $choose) {}

    /**
     * Taken in: it is booked to its job, and no longer waited for. Once more changes nothing. What does not fit the
     * phone is not taken in: it is to be sent back.
     *
     * @param array<string, mixed> $fields of the shelf item, as somebody has them in hand
     *
     * @throws Conflict If the order does not stand any more.
     */
    public function taken(PartOrder $order, array $fields): PartOrder
    {
        return $this->of($order, OrderState::Arrived, function (PartOrder $locked, Job $job) use ($fields): void {
            $item = ShelfItem::query()->lockForUpdate()->find($locked->item_id);
            if ($item !== null) {
                $item->fill(array_diff_key($fields, ['label' => true]));
                $item->state = PartState::New;
                ++$item->version;
                $this->choose->mustFit($job, $item);
                $item->save();
            }
        });
    }

    /**
     * Something else came: it goes back to the supplier before anybody glues it in, and the job needs another.
     *
     * @param string $id of the return, client-made
     *
     * @throws Conflict If the order does not stand any more, or the job was changed meanwhile.
     */
    public function wrong(PartOrder $order, User $user, string $id, string $reason): PartOrder
    {
        return DB::connection()->transaction(function () use ($order, $user, $id, $reason): PartOrder {
            if ($order->refresh()->state === OrderState::Failed) {
                return $order;
            }
            $taken = $this->taken($order, []);
            $job = Job::query()->findOrFail($order->job_id);
            ($this->failed)(
                $job,
                $user,
                $job->version,
                $id,
                $reason
            );
            $taken->update(['state' => OrderState::Failed]);

            return $taken;
        });
    }

    /** The supplier has named another day. */
    public function later(PartOrder $order, CarbonInterface $day): PartOrder
    {
        return DB::connection()->transaction(static function () use ($order, $day): PartOrder {
            $locked = PartOrder::query()->lockForUpdate()->findOrFail($order->id);
            self::mustStand($locked);
            $locked->update(['due_on' => $day->toDateString()]);

            return $locked;
        });
    }

    /** It never comes: the job needs another part. */
    public function lost(PartOrder $order): PartOrder
    {
        return $this->of($order, OrderState::Failed, static function (PartOrder $locked): void {
            $item = ShelfItem::query()->lockForUpdate()->find($locked->item_id);
            $locked->item_id = null;
            $locked->save();
            $item?->delete();
        });
    }

    /** @param \Closure(PartOrder, Job): void $change */
    private function of(PartOrder $order, OrderState $to, \Closure $change): PartOrder
    {
        return DB::connection()->transaction(static function () use ($order, $to, $change): PartOrder {
            $job = Job::query()->lockForUpdate()->findOrFail($order->job_id);
            $locked = PartOrder::query()->lockForUpdate()->findOrFail($order->id);
            if ($locked->state === $to) {
                return $locked;
            }
            self::mustStand($locked);
            $change($locked, $job);
            $locked->update(['state' => $to, 'arrived_at' => Carbon::now()]);
            ++$job->version;
            $job->save();

            return $locked;
        });
    }

    private static function mustStand(PartOrder $order): void
    {
        if ($order->state !== OrderState::Ordered) {
            throw Conflict::notReachable(sprintf('%s is not on its way any more.', $order->sku));
        }
    }
}
