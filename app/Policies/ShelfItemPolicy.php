<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** Everybody in the shop sees the shelf; prices and margins are a matter of the quote. */
final readonly class ShelfItemPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }
}
