<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One version of a phone file that the shop has drawn up; written once, never changed.
 *
 * @property string    $phone id in the file
 * @property int       $version from 1
 * @property string    $document JSON text
 * @property-read User $user
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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['drawn_at' => 'datetime', 'version' => 'integer'];
    }
}
