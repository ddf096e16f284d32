<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A parts list on its way to the shelf: read, checked line by line, and taken over whole or not at all.
 *
 * @property array{
 *     encoding: string, separator: string, decimal: string, columns: list<string>, unknown: list<string>,
 *     offset?: int, line?: int
 * } $reading
 */
final class ShelfImport extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => ImportState::class,
            'reading' => 'array',
            'total' => 'integer',
            'checked' => 'integer',
            'bad' => 'integer',
        ];
    }
}
