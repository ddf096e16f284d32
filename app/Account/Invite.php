<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Invitation;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Gives somebody a way in that works once; an earlier one stops working. */
final readonly class Invite
{
    public const HOURS = 48;

    /** @return string the word for the address; it is told once and not kept */
    public function __invoke(User $user): string
    {
        $word = bin2hex(random_bytes(20));
        DB::connection()->transaction(static function () use ($user, $word): void {
            Invitation::query()->where('user_id', $user->id)->delete();
            Invitation::query()->create([
                'hash' => self::hash($word),
                'user_id' => $user->id,
                'expires_at' => Carbon::now()->addHours(self::HOURS),
            ]);
        });

        return $word;
    }

    public static function hash(string $word): string
    {
        return hash('sha256', $word);
    }
}
