<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who is at the bench when is for those who work there. */
final readonly class AbsencePolicy
{
    public function keep(User $user): bool
    {
        return $user->role !== Role::FrontDesk;
    }
}
