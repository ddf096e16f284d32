<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Money that came in for a claim.
 *
 * @property string $id
 * @property string $claim_id
 * @property string $amount  decimal text
 * @property Carbon $paid_on
 */
final class ClaimPayment extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['amount' => 'string', 'paid_on' => 'date'];
    }
}
