<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Bench\OrderPart;
use App\Bench\Orders;
use App\Http\Shelf\SupplierAnswer;
use App\Jobs\ShopBook;
use App\Models\Job;
use App\Models\PlanChange;
use App\Models\User;
use App\Outside\Supplier;
use Illuminate\Http\JsonResponse;

/** The part that a trouble at the bench asks for: what is offered, and the order. */
final readonly class PartOrderController
{
    public function __construct(private Supplier $supplier, private OrderPart $order, private ShopBook $book) {}

    /** What was last said: answers at once, whatever the supplier does. */
    public function show(Job $job, string $change): JsonResponse
    {
        return new JsonResponse(
            SupplierAnswer::of(
                $this->supplier->known($job->model_code, $this->kind($job, $change)),
                $this->book->rules()->currency,
            ),
        );
    }

    /** Asks the supplier anew, within the patience of the caller. */
    public function ask(Job $job, string $change): JsonResponse
    {
        return new JsonResponse(
            SupplierAnswer::of(
                $this->supplier->ask($job->model_code, $this->kind($job, $change)),
                $this->book->rules()->currency,
            ),
        );
    }

    public function store(OrderPartRequest $request, Job $job, string $change): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JsonResponse(
            Orders::one(
                ($this->order)(
                    $job,
                    $user,
                    $change,
                    mb_strtolower($request->string('id')->toString()),
                    $request->string('sku')->toString(),
                ),
            ),
        );
    }

    private function kind(Job $job, string $change): string
    {
        return $this->order->kind(
            $job,
            PlanChange::query()->whereKey($change)->where('job_id', $job->id)->firstOrFail(),
        );
    }
}
