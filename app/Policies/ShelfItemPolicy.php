<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Everybody in the shop sees the shelf; prices and margins are a matter of the quote. */
final readonly class ShelfItemPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    /** Taking in, counting and returning parts; everybody at the counter does it. */
    public function keep(User $user): bool
    {
        return true;
    }

    /** What a part cost the shop. */
    public function seeCost(User $user): bool
    {
        return $user->role !== Role::FrontDesk;
    }
}
