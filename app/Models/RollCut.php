<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Tape that a step at the bench has taken from a roll.
 *
 * @property string      $event_id
 * @property string|null $roll_id null if no roll had enough left
 * @property string      $make    of its adhesive, empty if nobody said
 * @property string      $width   mm, decimal text
 * @property string      $mm      decimal text
 */
final class RollCut extends Model
{
    protected $guarded = [];
}
