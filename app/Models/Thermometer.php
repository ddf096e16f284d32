<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A thermometer that was heard, what it showed last, and which heating its readings are kept for.
 *
 * @property int         $heard_at ms since 1970
 * @property int|null    $tenths of °C; null while its probe is open
 * @property string|null $step a heating of that job's plan
 * @property string|null $probe where it sits, as `Facelift\Heat\Probe`
 * @property int|null    $user_id who put it there
 * @property int|null    $attached_at ms since 1970
 * @property int|null    $kept_at ms since 1970 of the last reading kept for the job
 */
final class Thermometer extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    public function letGo(): void
    {
        $this->fill([
            'job_id' => null,
            'step' => null,
            'probe' => null,
            'user_id' => null,
            'attached_at' => null,
            'kept_at' => null,
        ])->save();
    }
}
