<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A part ordered from the supplier for a job.
 *
 * @property string      $id also names the order at the supplier, so that asking again orders nothing twice
 * @property string|null $change_id of the trouble; null if it was ordered before anything was opened
 * @property string|null $kind of part, as the supplier was asked for it
 * @property string      $supplier who sells it; empty where the offer did not say it
 * @property int|null    $item_id on the shelf
 * @property-read Job    $job
 * @property-read ShelfItem|null $item
 * @property string|null $reference of the supplier
 * @property Carbon|null $due_on when it was promised
 */
final class PartOrder extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<ShelfItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(ShelfItem::class);
    }

    /** True if it was promised for a day that is over. */
    public function isOverdue(): bool
    {
        return $this->due_on !== null && $this->due_on->lt(Carbon::today());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'fault' => NoGood::class,
            'state' => OrderState::class,
            'price' => 'string',
            'lead_days' => 'integer',
            'due_on' => 'date',
            'arrived_at' => 'datetime',
        ];
    }
}
