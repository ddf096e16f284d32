<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the owner has set of the shop; one row.
 *
 * @property int                  $version
 * @property bool                 $takes_over  what is learnt is used by itself
 * @property int                  $keep_months customers' details after a phone has left
 * @property array<string, mixed> $settings
 * @property string|null          $calendar_secret in the address at which the calendar is read; null for none
 */
final class ShopSetting extends Model
{
    protected $guarded = [];

    protected $attributes = ['takes_over' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['settings' => 'array', 'version' => 'integer', 'keep_months' => 'integer', 'takes_over' => 'boolean'];
    }
}
