<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A time in which somebody is not at the bench.
 *
 * @property string $id client-made
 * @property int $person id of the account
 * @property int $from_at ms since 1970
 * @property int $to_at   ms since 1970
 */
final class Absence extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['person' => 'integer', 'from_at' => 'integer', 'to_at' => 'integer'];
    }
}
