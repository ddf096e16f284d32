<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/**
 * Who may take over at a device by a short PIN. A PIN alone lets nobody in: the device must be signed in, and its owner
 * must have signed in there with the password before. After five wrong ones in a row only the password helps.
 */
final readonly class Colleagues
{
    public const MOST_WRONG = 5;

    /** @param string $device the word that the device keeps */
    public function __construct(private string $device) {}

    /** Somebody has signed in here by password. */
    public function knows(User $user): void
    {
        DB::table('known_devices')->upsert(
            ['device' => $this->hash(), 'user_id' => $user->id, 'wrong' => 0],
            ['device', 'user_id'],
            ['wrong'],
        );
    }

    /** @return Collection<int, User> others who can take over here, by name */
    public function of(User $here): Collection
    {
        return User::query()
            ->whereKeyNot($here->id)
            ->whereNotNull('short_code')
            ->whereNull('disabled_at')
            // A second factor is not to be gone round by four digits.
            ->whereNull('totp_secret')
            ->whereIn('id', $this->rows()->where('wrong', '<', self::MOST_WRONG)->select('user_id'))
            ->orderBy('name')
            ->orderBy('id')
            ->get();
    }

    /** True if it is the PIN of somebody who can take over here. Each try counts before it is looked at. */
    public function fits(User $here, User $next, string $pin): bool
    {
        if ($this->of($here)->find($next->id) === null) {
            return false;
        }
        $counted = $this->rows()
            ->where('user_id', $next->id)
            ->where('wrong', '<', self::MOST_WRONG)
            ->increment('wrong');
        $fits = $counted === 1 && Hash::check($pin, (string) $next->short_code);
        if ($fits) {
            $this->knows($next);
        }

        return $fits;
    }

    /** Whoever changes the PIN is asked for the password everywhere once more. */
    public static function forget(User $user): void
    {
        DB::table('known_devices')->where('user_id', $user->id)->delete();
    }

    private function rows(): Builder
    {
        return DB::table('known_devices')->where('device', $this->hash());
    }

    private function hash(): string
    {
        return hash('sha256', $this->device);
    }
}
