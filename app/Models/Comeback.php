<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a phone came back with.
 *
 * @property string               $job_id   of the job that it is repaired in again
 * @property string               $of_id    of the job that it came back from
 * @property CameBack             $what
 * @property string|null          $function that fails
 * @property string|null          $side     where an edge lifts
 * @property string               $text     what was said
 * @property array<string, mixed> $tied     what the job before had used: see `App\Counter\TiedTo`
 */
final class Comeback extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'job_id';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tied' => 'array', 'what' => CameBack::class];
    }
}
