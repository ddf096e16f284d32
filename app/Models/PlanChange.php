<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A plan that a trouble at the bench has changed: what happened, what follows, and the plan as it was before.
 *
 * @property string       $id      of the event
 * @property string       $job_id
 * @property int          $at      ms since 1970
 * @property string       $trouble
 * @property string       $subject id in the phone file
 * @property string       $step
 * @property list<array{code: string, figures: array<string, string|int|float>}> $because
 * @property bool         $quote   true if the agreed price no longer holds
 * @property string       $before  JSON text of the plan document
 * @property int          $user_id
 */
final class PlanChange extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['because' => 'array', 'quote' => 'boolean', 'at' => 'integer'];
    }
}
