<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A plan that a trouble at the bench has changed: what happened, what follows, and the plan as it was before.
 *
 * @property string      $id of the event
 * @property int         $at ms since 1970
 * @property string      $subject id in the phone file
 * @property list<array{code: string, figures: array<string, string|int|float>}> $because
 * @property bool        $quote true if the agreed price no longer holds
 * @property string      $before JSON text of the plan document
 * @property string|null $part id of a part that has to be ordered; null for none
 * @property string|null $part_cost what the further part costs the shop; null until a price is agreed
 * @property int|null    $minutes of further work
 * @property string|null $gross what the customer agreed to pay on top
 */
final class PlanChange extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return HasOne<PartOrder, $this> */
    public function order(): HasOne
    {
        return $this->hasOne(PartOrder::class, 'change_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'because' => 'array',
            'quote' => 'boolean',
            'at' => 'integer',
            'part_cost' => 'string',
            'minutes' => 'integer',
            'gross' => 'string',
            'priced_at' => 'datetime',
        ];
    }
}
