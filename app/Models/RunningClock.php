<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A clock that runs at the bench; one row as long as it does.
 *
 * @property string   $kind of the step
 * @property int      $since ms since 1970
 * @property int      $seconds planned
 * @property int|null $lift_at ms since 1970; when to lift off as readings have it
 * @property-read Job $job
 */
final class RunningClock extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'step';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['since' => 'integer', 'seconds' => 'integer', 'lift_at' => 'integer'];
    }
}
