<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a step at the bench has used up.
 *
 * @property string      $event_id
 * @property string|null $supply_id null if there was not as much on the shelf
 * @property string      $make      of an adhesive, empty if nobody said
 * @property string      $amount    ml, or parts of a piece, decimal text
 */
final class SupplyUse extends Model
{
    protected $guarded = [];
}
