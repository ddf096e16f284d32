<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A photo of the phone, re-encoded and without location data; its picture lies beside the database under its id.
 *
 * @property Carbon $created_at
 */
final class JobPhoto extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];
}
