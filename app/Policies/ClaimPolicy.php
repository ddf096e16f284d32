<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Money that insurers owe: seen by all who take it in, settled by owner and front desk. */
final readonly class ClaimPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function settle(User $user): bool
    {
        return $user->role !== Role::Technician;
    }
}
