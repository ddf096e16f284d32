<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a phone under test has shown of one function; written once, never changed.
 *
 * @property string               $id of the event that holds the outcome
 * @property string               $gate
 * @property string               $function
 * @property string               $outcome
 * @property array<string, mixed> $figures
 * @property int                  $at ms since 1970 UTC
 */
final class PhoneTest extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figures' => 'array', 'at' => 'integer'];
    }
}
