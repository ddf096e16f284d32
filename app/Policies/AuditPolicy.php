<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** Who changed what is the owner's to read. */
final readonly class AuditPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isOwner();
    }
}
