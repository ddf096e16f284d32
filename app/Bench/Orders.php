<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\PartOrder;
use App\Models\ShelfItem;
use Illuminate\Support\Facades\Gate;

/** An order as the interface and the export show it. */
final readonly class Orders
{
    /** @return array<string, string|int|null> */
    public static function one(PartOrder $order): array
    {
        return [
            'id' => $order->id,
            'sku' => $order->sku,
            'name' => $order->name,
            'supplier' => $order->supplier,
            // What a part costs the shop is not for everybody.
            'price' => Gate::allows('seeCost', ShelfItem::class) ? $order->price : null,
            'state' => $order->state->value,
            'reference' => $order->reference,
            'leadDays' => $order->lead_days,
            'dueOn' => $order->due_on?->toDateString(),
            'fault' => $order->fault?->value,
        ];
    }
}
