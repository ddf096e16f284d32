<?php

declare(strict_types=1);

namespace App\Account;

use App\Exceptions\Conflict;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Sets a password: with it every session but one's own ends. */
final readonly class SetPassword
{
    /** @throws Conflict If the invitation has been used, or is too old. */
    public function byInvitation(string $word, string $password): User
    {
        return DB::connection()->transaction(static function () use ($word, $password): User {
            $there = Invitation::query()->lockForUpdate()->find(Invite::hash($word));
            if ($there === null || $there->expires_at->isPast() || $there->user->disabled_at !== null) {
                throw Conflict::notReachable('This invitation has been used, or is too old. Ask for another one.');
            }
            $user = $there->user;
            self::set($user, $password, null);
            $there->delete();

            return $user;
        });
    }

    /** @param string $session that goes on */
    public function own(User $user, string $password, string $session): void
    {
        DB::connection()->transaction(static fn() => self::set($user, $password, $session));
    }

    private static function set(User $user, string $password, ?string $session): void
    {
        $user->password = $password;
        $user->save();
        Sessions::end($user, $session);
    }
}
