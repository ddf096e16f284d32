<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A source of heat of the shop, with its own coefficient once it has been measured.
 *
 * @property array<string, mixed> $source as `Facelift\Heat\SourceReader` reads it
 * @property array{coefficient: float, low: float, high: float, at: string}|null $fit
 */
final class HeatSource extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['source' => 'array', 'fit' => 'array'];
    }
}
