<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One version of a phone file that the shop has drawn up; its document is written once and never changed.
 *
 * @property string    $phone id in the file
 * @property int       $version from 1
 * @property string    $document JSON text
 * @property DrawingStanding $standing
 * @property string|null $job_id the repair that has shown it
 * @property int|null    $reviewed_by
 * @property Carbon|null $reviewed_at
 * @property int         $user_id
 * @property-read User $user
 * @property-read User|null $reviewer
 */
final class PhoneDrawing extends Model
{
    public $timestamps = false;

    protected $table = 'phone_files';

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> who has looked at it beside whoever drew it */
    public function reviewer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'reviewed_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'drawn_at' => 'datetime',
            'version' => 'integer',
            'standing' => DrawingStanding::class,
            'reviewed_at' => 'datetime',
        ];
    }
}
