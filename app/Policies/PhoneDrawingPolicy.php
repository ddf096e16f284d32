<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Phone files are looked at by all and drawn up by technicians and the owner. */
final readonly class PhoneDrawingPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function draw(User $user): bool
    {
        return $user->role !== Role::FrontDesk;
    }
}
