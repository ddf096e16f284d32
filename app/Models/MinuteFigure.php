<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Plan\StepKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How many times as long as estimated a kind of step takes here, in the place of the estimate.
 *
 * @property StepKind $kind
 * @property string   $family     of phones; empty for those of any that has no figure of its own
 * @property float    $times
 * @property int      $count      of steps that it rests on
 * @property string   $taken_as   made by the client, the same for all that were taken over together
 * @property int      $taken_by
 * @property Carbon   $created_at since when it is used
 */
final class MinuteFigure extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => StepKind::class, 'times' => 'float'];
    }
}
