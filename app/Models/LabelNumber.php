<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The number that the next label without one gets.
 *
 * @property int $next
 */
final class LabelNumber extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['next' => 'integer'];
    }
}
