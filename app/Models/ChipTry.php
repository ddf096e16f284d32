<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One chip that was moved to a new display.
 *
 * @property string $job_id
 * @property bool   $works it came to a display that works with it
 */
final class ChipTry extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'job_id';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['works' => 'boolean'];
    }
}
