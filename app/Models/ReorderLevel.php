<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * How much of a thing the shop wants to have, and how long it takes to come.
 *
 * @property Stocked     $of
 * @property string      $phone     id of the phone file without a version; empty for what is of no phone
 * @property string      $part      kind of part; empty for what is none
 * @property string      $width     mm of tape, decimal text; 0 for what is none
 * @property string|null $level     at or below it is ordered: pieces, m or ml, decimal text; null: from use
 * @property int         $version
 * @property int|null    $lead_days null: as last ordered, or assumed
 */
final class ReorderLevel extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['of' => Stocked::class, 'level' => 'string', 'width' => 'string', 'lead_days' => 'integer'];
    }
}
