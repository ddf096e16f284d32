<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;

/** Says who may come in: address, password, and the second factor where one is set up. */
final readonly class SignIn
{
    private const NOBODYS = 'sign-in nobody';

    /**
     * @param string|null $code of the second factor
     *
     * @return User|WhyNot the user who may come in, or why nobody may
     */
    public function check(string $email, string $password, ?string $code): User|WhyNot
    {
        $user = User::query()->where('email', $email)->first();
        // As much is reckoned whether there is such an account or not: the time says nothing of it.
        $kept = $user->password ?? null;
        $fits = Hash::check($password, $kept ?? self::nobodys()) && $kept !== null;
        if ($user === null || !$fits || $user->disabled_at !== null) {
            return WhyNot::DoNotGoTogether;
        }
        if ($user->totp_secret === null) {
            return $user;
        }
        if ($code === null || $code === '') {
            return WhyNot::CodeWanted;
        }
        $window = (new Totp())->taken($user->totp_secret, $code, Carbon::now()->getTimestamp(), $user->totp_last);
        // Two who bring the same code at once: one of them gets in.
        $first = $window !== null && User::query()
            ->whereKey($user->id)
            ->where(static fn($q) => $q->whereNull('totp_last')->orWhere('totp_last', '<', $window))
            ->update(['totp_last' => $window]) === 1;

        return $first ? $user : WhyNot::CodeWrong;
    }

    /** A hash that is as dear to check as a real one. */
    private static function nobodys(): string
    {
        $kept = Cache::get(self::NOBODYS);
        if (is_string($kept) && !Hash::needsRehash($kept)) {
            return $kept;
        }
        $hash = Hash::make(bin2hex(random_bytes(16)));
        Cache::forever(self::NOBODYS, $hash);

        return $hash;
    }
}
