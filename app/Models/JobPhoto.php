<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A photo of the phone, re-encoded and without location data; its picture lies in a table of its own.
 *
 * @property Carbon $created_at
 * @property array{face: string, corners: list<array{float, float}>}|null $ground where the phone lies in it, pixels
 */
final class JobPhoto extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ground' => 'array'];
    }
}
