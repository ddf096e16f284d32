<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** Accounts are the owner's to keep; everybody keeps their own password. */
final readonly class UserPolicy
{
    public function keep(User $user): bool
    {
        return $user->isOwner();
    }

    public function keepOwn(User $user): bool
    {
        return $user->disabled_at === null;
    }
}
