<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One glass-only try, on a customer's phone or on a practice panel.
 *
 * @property string|null $job_id null for a practice panel
 * @property bool        $whole the panel survived
 */
final class GlassTry extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['whole' => 'boolean'];
    }
}
