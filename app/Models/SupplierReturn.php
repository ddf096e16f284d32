<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A part that failed before it was glued in and goes back to its supplier.
 *
 * @property Carbon         $created_at
 * @property-read ShelfItem $item
 */
final class SupplierReturn extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return BelongsTo<ShelfItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(ShelfItem::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => ReturnState::class];
    }
}
