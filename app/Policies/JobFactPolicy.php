<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** What the shop's own jobs say. */
final readonly class JobFactPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role !== Role::FrontDesk;
    }

    public function seeEarned(User $user): bool
    {
        return $user->isOwner();
    }

    public function tellPeopleApart(User $user): bool
    {
        return $user->isOwner();
    }
}
