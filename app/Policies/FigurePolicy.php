<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** Which figures plans are made with is the owner's. */
final readonly class FigurePolicy
{
    public function keep(User $user): bool
    {
        return $user->isOwner();
    }
}
