<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A way in that works once, by which somebody sets their password.
 *
 * @property string    $hash of the word in the address
 * @property Carbon    $expires_at
 * @property-read User $user
 */
final class Invitation extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'hash';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'datetime'];
    }
}
