<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The shop's rules; one row.
 *
 * @property array<string, mixed> $rules
 */
final class ShopRule extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rules' => 'array', 'version' => 'integer'];
    }
}
