<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Bench\Stream;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What became of an old part of a job.
 *
 * @property string      $job_id
 * @property string      $part    id in the phone file
 * @property string      $name
 * @property Stream      $goes
 * @property string|null $label   of what stays in the shop
 * @property string|null $place
 * @property Carbon|null $used_at when it was taken for another phone
 */
final class OldPartKept extends Model
{
    protected $table = 'old_parts';

    protected $guarded = [];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['goes' => Stream::class, 'used_at' => 'datetime'];
    }
}
