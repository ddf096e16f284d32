<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Bench\Orders;
use App\Jobs\Stations;
use App\Models\Job;
use App\Models\OrderState;
use App\Models\PartOrder;
use App\Models\User;
use App\Order\Arrival;
use App\Order\OrderForJob;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Parts ordered for jobs: asked for, on their way, come. */
final readonly class OrderController
{
    private const MOST = 200;

    public function __construct(private Arrival $arrival) {}

    /** What is on its way, what is due first before the others. */
    public function index(): JsonResponse
    {
        $orders = PartOrder::query()
            ->with(['job:id,number,phone,model_code,customer', 'item'])
            ->where('state', OrderState::Ordered)
            ->orderBy('due_on')
            ->orderBy('created_at')
            ->limit(self::MOST)
            ->get();

        return new JsonResponse(['data' => $orders->map($this->row(...))->values()]);
    }

    /** Orders the part of a job. */
    public function store(OrderRequest $request, Job $job, OrderForJob $order, Stations $stations): JsonResponse
    {
        $stations->mustReach('part', $job);

        return new JsonResponse(Orders::one($order($job, self::user($request), $request->id(), $request->sku())));
    }

    public function arrived(ShelfItemRequest $request, PartOrder $order): JsonResponse
    {
        return $this->answer($this->arrival->taken($order, $request->item()));
    }

    public function wrong(WrongPartRequest $request, PartOrder $order): JsonResponse
    {
        return $this->answer($this->arrival->wrong(
            $order,
            self::user($request),
            $request->string('id')->lower()->toString(),
            $request->string('reason')->trim()->toString(),
        ));
    }

    public function later(LaterRequest $request, PartOrder $order): JsonResponse
    {
        return $this->answer($this->arrival->later($order, $request->day()));
    }

    public function lost(PartOrder $order): JsonResponse
    {
        return $this->answer($this->arrival->lost($order));
    }

    private function answer(PartOrder $order): JsonResponse
    {
        return new JsonResponse($this->row($order->refresh()->load(['job', 'item'])));
    }

    /** @return array<string, mixed> */
    private function row(PartOrder $order): array
    {
        return Orders::one($order) + [
            'job' => $order->job_id,
            'tag' => $order->job->tag(),
            'customer' => $order->job->customer,
            'phone' => $order->job->phone,
            'modelCode' => $order->job->model_code,
            'kind' => $order->kind,
            'label' => $order->item?->label,
            'itemVersion' => $order->item?->version,
            'overdue' => $order->state === OrderState::Ordered && $order->isOverdue(),
        ];
    }

    private static function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
