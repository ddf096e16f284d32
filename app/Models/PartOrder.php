<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A part ordered from the supplier after a trouble at the bench.
 *
 * @property string      $id also names the order at the supplier, so that asking again orders nothing twice
 * @property string      $change_id of the trouble
 * @property string|null $reference of the supplier
 */
final class PartOrder extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'fault' => NoGood::class,
            'state' => OrderState::class,
            'price' => 'string',
            'lead_days' => 'integer',
            'due_on' => 'date',
        ];
    }
}
