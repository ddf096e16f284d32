<?php

declare(strict_types=1);

namespace App\Account;

use App\Exceptions\Conflict;
use App\Models\Role;
use App\Models\User;
use Facelift\Schedule\Right;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Adds people, and changes what they are here; there is always an owner who gets in. */
final readonly class KeepAccount
{
    /**
     * @param string                           $asked client-made id: the same again adds nobody twice
     * @param array{name: string, email: string, role: Role, rights: list<Right>} $as
     *
     * @throws Conflict If another account has this address.
     */
    public function add(string $asked, array $as): User
    {
        return DB::connection()->transaction(static function () use ($asked, $as): User {
            $there = User::query()->where('asked_as', $asked)->lockForUpdate()->first();
            if ($there !== null) {
                return $there;
            }
            if (User::query()->where('email', $as['email'])->exists()) {
                throw Conflict::notReachable('An account has the address ' . $as['email'] . ' already.');
            }

            return User::query()->create(['asked_as' => $asked] + $as);
        });
    }

    /**
     * The same again changes nothing.
     *
     * @param array{name: string, role: Role, rights: list<Right>} $as
     *
     * @throws Conflict If it was changed meanwhile, or no owner would be left.
     */
    public function change(User $user, int $version, array $as, bool $disabled): User
    {
        return DB::connection()->transaction(static function () use ($user, $version, $as, $disabled): User {
            // All owners at once, in order: of two who disable each other one is left.
            $owners = User::query()->where('role', Role::Owner)->orderBy('id')->lockForUpdate()->get();
            $locked = User::query()->lockForUpdate()->findOrFail($user->id);
            $locked->fill($as);
            if ($disabled !== ($locked->disabled_at !== null)) {
                $locked->disabled_at = $disabled ? Carbon::now() : null;
            }
            if (!$locked->isDirty()) {
                return $locked;
            }
            if ($locked->version !== $version) {
                throw Conflict::staleAccount($locked);
            }
            $others = $owners->filter(
                static fn(User $o): bool => $o->id !== $locked->id && $o->disabled_at === null && $o->password !== null,
            );
            if ($others->isEmpty() && (!$locked->isOwner() || $disabled) && $user->isOwner()) {
                throw Conflict::notReachable('The last owner who gets in stays an owner. Make another one first.');
            }
            ++$locked->version;
            $locked->save();
            if ($disabled) {
                Sessions::end($locked, null);
            }

            return $locked;
        });
    }
}
