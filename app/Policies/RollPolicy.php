<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Everybody may look at the seal desk; rolls are kept by those who cut from them. */
final readonly class RollPolicy
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
