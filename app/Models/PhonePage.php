<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Facelift\Proof\Gate;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A page that a phone under test may open, for one gate of one job, for a while.
 *
 * @property string          $token SHA-256 of the word in its address; the word itself is kept nowhere
 * @property string          $job_id
 * @property Gate            $gate
 * @property int             $user_id who opened it
 * @property CarbonInterface $expires_at
 * @property Job             $job
 * @property User            $user
 */
final class PhonePage extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'token';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['gate' => Gate::class, 'expires_at' => 'datetime'];
    }
}
