<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Everybody may see what is there and what to order; those who use it up keep it. */
final readonly class SupplyPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function keep(User $user): bool
    {
        return $user->role !== Role::FrontDesk;
    }
}
