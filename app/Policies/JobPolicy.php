<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\Role;
use App\Models\User;

/** Who may do what with a job. The counter opens and hands over; only technicians and the owner work at the bench. */
final readonly class JobPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, Job $job): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return true;
    }

    public function checkIn(User $user, Job $job): bool
    {
        return true;
    }

    public function choose(User $user, Job $job): bool
    {
        return true;
    }

    public function work(User $user, Job $job): bool
    {
        return $user->role !== Role::FrontDesk;
    }

    /** What the shop earns is for the owner and the technicians. */
    public function seeMargin(User $user): bool
    {
        return $user->role !== Role::FrontDesk;
    }

    /** What is kept of customers is the owner's to answer for. */
    public function forget(User $user): bool
    {
        return $user->role === Role::Owner;
    }

    public function handOver(User $user, Job $job): bool
    {
        return true;
    }
}
