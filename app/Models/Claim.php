<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Quantity\Money;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * What an insurer owes for a job: money owed, not money in hand.
 *
 * @property string      $asked decimal text
 * @property string|null $authorised decimal text
 * @property string|null $reference the insurer's own
 * @property-read Job    $job
 */
final class Claim extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return HasMany<ClaimPayment, $this> */
    public function payments(): HasMany
    {
        return $this->hasMany(ClaimPayment::class);
    }

    public function paid(): Money
    {
        return Money::sum(...$this->payments->map(static fn(ClaimPayment $p): Money => Money::of($p->amount))->all());
    }

    public function open(): Money
    {
        return Money::larger(Money::zero(), Money::of($this->authorised ?? '0')->minus($this->paid()));
    }

    public function isOverdue(Carbon $today): bool
    {
        return $this->due_on !== null && $this->due_on->lt($today->copy()->startOfDay()) && !$this->open()->isZero();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => ClaimState::class, 'asked' => 'string', 'authorised' => 'string', 'due_on' => 'date'];
    }
}
