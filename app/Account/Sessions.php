<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Where somebody is signed in. */
final readonly class Sessions
{
    /** @return list<array{id: string, address: string, browser: string, at: int}> latest first */
    public static function of(User $user): array
    {
        $sessions = [];
        foreach (DB::table('sessions')->where('user_id', $user->id)->orderByDesc('last_activity')->get() as $row) {
            $sessions[] = [
                // The id is a way in: what names it outside is its hash.
                'id' => self::name(is_string($row->id) ? $row->id : ''),
                'address' => is_string($row->ip_address) ? $row->ip_address : '',
                'browser' => is_string($row->user_agent) ? mb_substr($row->user_agent, 0, 160) : '',
                'at' => is_int($row->last_activity) ? 1000 * $row->last_activity : 0,
            ];
        }

        return $sessions;
    }

    public static function name(string $session): string
    {
        return substr(hash('sha256', $session), 0, 32);
    }

    /** Ends one by its name; nothing if there is none. */
    public static function endOne(User $user, string $name): void
    {
        foreach (DB::table('sessions')->where('user_id', $user->id)->pluck('id') as $id) {
            if (is_string($id) && self::name($id) === $name) {
                DB::table('sessions')->where('id', $id)->delete();
            }
        }
    }

    /** @param string|null $but id of one that goes on */
    public static function end(User $user, ?string $but): void
    {
        DB::table('sessions')
            ->where('user_id', $user->id)
            ->when($but !== null, static fn($q) => $q->where('id', '!=', $but))
            ->delete();
    }
}
