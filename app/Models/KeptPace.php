<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Schedule\Pace;
use Illuminate\Database\Eloquent\Model;

/**
 * How fast somebody has worked so far.
 *
 * @property int   $user_id
 * @property int   $last_at when they last did something at a bench, ms since 1970
 * @property float $planned s of hands, the older the less
 * @property float $taken   s, likewise
 */
final class KeptPace extends Model
{
    protected $table = 'paces';

    public $incrementing = false;

    protected $primaryKey = 'user_id';

    protected $guarded = [];

    public function pace(): Pace
    {
        return new Pace($this->planned, $this->taken);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['last_at' => 'integer', 'planned' => 'float', 'taken' => 'float'];
    }
}
