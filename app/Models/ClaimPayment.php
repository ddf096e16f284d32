<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Money that came in for a claim.
 *
 * @property string $amount decimal text
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
