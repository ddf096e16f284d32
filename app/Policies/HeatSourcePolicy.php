<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Everybody may look at the heat desk; sources are kept by those who work with them. */
final readonly class HeatSourcePolicy
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
