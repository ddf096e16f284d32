<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Heat\AdhesiveState;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A window that the shop's record has taught, in the place of the estimate.
 *
 * @property string        $id
 * @property AdhesiveKind  $adhesive
 * @property AdhesiveState $state
 * @property float         $shift    K against the estimate
 * @property float         $off      K that it may be off still, one standard deviation
 * @property float         $pace     how many times as fast as estimated
 * @property int           $jobs     that it rests on
 * @property int           $passes
 * @property int           $taken_by
 * @property Carbon        $created_at since when it is used
 */
final class Figure extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'adhesive' => AdhesiveKind::class,
            'state' => AdhesiveState::class,
            'shift' => 'float',
            'off' => 'float',
            'pace' => 'float',
        ];
    }
}
