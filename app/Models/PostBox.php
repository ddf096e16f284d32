<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What came with a phone by post and what goes back.
 *
 * @property string       $job_id
 * @property list<string> $came
 * @property list<array{what: string, why: string|null}> $goes why is null of what really goes back
 * @property string|null  $address encrypted; dropped once the phone has gone back
 * @property Carbon|null  $sent_at
 * @property string|null  $parcel  the carrier's number
 */
final class PostBox extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'job_id';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['came' => 'array', 'goes' => 'array', 'address' => 'encrypted', 'sent_at' => 'datetime'];
    }
}
