<?php

declare(strict_types=1);

namespace App\Counter;

use App\Exceptions\Conflict;
use App\Models\Claim;
use App\Models\ClaimPayment;
use App\Models\ClaimState;
use App\Models\User;
use Facelift\Quantity\Money;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Money comes in for a claim, whole or in part; the same payment sent again counts once. */
final readonly class TakePayment
{
    /** @throws Conflict If nothing is owed on the claim. */
    public function __invoke(
        Claim $claim,
        User $user,
        string $id,
        string $amount,
        string $paidOn,
    ): Claim {
        return DB::connection()->transaction(static function () use ($claim, $user, $id, $amount, $paidOn): Claim {
            $locked = Claim::query()->lockForUpdate()->with('payments')->findOrFail($claim->id);
            if ($locked->payments->contains('id', $id)) {
                return $locked;
            }
            if ($locked->open()->isZero() || $locked->due_on === null) {
                throw Conflict::notReachable(
                    'Nothing is owed on this claim, and nothing was booked. Does the money belong to another one?',
                );
            }
            if ($locked->open()->isLessThan(Money::of($amount))) {
                throw ValidationException::withMessages([
                    'amount' => sprintf(
                        'Only %s are open. Write down what belongs to this claim.',
                        (string) $locked->open(),
                    ),
                ]);
            }
            ClaimPayment::query()->create([
                'id' => $id,
                'claim_id' => $locked->id,
                'amount' => $amount,
                'paid_on' => $paidOn,
                'user_id' => $user->id,
            ]);
            $locked->load('payments');
            if ($locked->open()->isZero()) {
                $locked->update(['state' => ClaimState::Paid]);
            }

            return $locked;
        });
    }
}
