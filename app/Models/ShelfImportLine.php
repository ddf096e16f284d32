<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One line of a parts list.
 *
 * @property int                        $line as an editor counts it
 * @property array<string, string>      $cells by column
 * @property array<string, mixed>|null  $item the shelf item it would become
 * @property array<string, string>|null $faults by column; null or empty if it is good
 */
final class ShelfImportLine extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['cells' => 'array', 'item' => 'array', 'faults' => 'array', 'line' => 'integer'];
    }
}
