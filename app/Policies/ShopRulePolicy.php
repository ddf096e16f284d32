<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Prices are the owner's. */
final readonly class ShopRulePolicy
{
    public function keep(User $user): bool
    {
        return $user->role === Role::Owner;
    }
}
