<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Facelift\Schedule\Right;
use Illuminate\Console\Command;

/** Gives an account the right to choose that a display's chip is moved, or takes it. */
final class GiveExpertRight extends Command
{
    protected $signature = 'facelift:expert {email} {--off}';

    protected $description = 'Give an account the right to choose that a chip is moved, or take it with --off';

    public function handle(): int
    {
        $email = $this->argument('email');
        $user = User::query()->where('email', $email)->first();
        if ($user === null) {
            $this->error('There is no account with this e-mail address.');

            return self::FAILURE;
        }
        $others = $user->rights->reject(Right::Expert);
        $user->rights = $this->option('off') === true ? $others : $others->prepend(Right::Expert);
        $user->save();
        $may = $user->may(Right::Expert) ? 'may' : 'may not';
        $this->line("$user->name $may choose that a chip is moved.");

        return self::SUCCESS;
    }
}
