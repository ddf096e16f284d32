<?php

declare(strict_types=1);

namespace App\Counter;

use App\Exceptions\Conflict;
use App\Models\Claim;
use App\Models\ClaimState;
use Illuminate\Support\Facades\DB;

/** The insurer takes its word back after the repair: what has not been paid is no longer owed by it. */
final readonly class RejectClaim
{
    /** @throws Conflict If all of it has been paid. */
    public function __invoke(Claim $claim): Claim
    {
        return DB::connection()->transaction(static function () use ($claim): Claim {
            $locked = Claim::query()->lockForUpdate()->with('payments')->findOrFail($claim->id);
            if ($locked->state === ClaimState::Rejected) {
                return $locked;
            }
            if ($locked->state === ClaimState::Paid) {
                throw Conflict::notReachable(
                    'This claim is paid in full: there is nothing to reject, and nothing was changed.',
                );
            }
            $locked->update(['state' => ClaimState::Rejected, 'authorised' => (string) $locked->paid()]);

            return $locked;
        });
    }
}
