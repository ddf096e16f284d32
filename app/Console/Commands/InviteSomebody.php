<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\Invite;
use App\Models\Role;
use App\Models\User;
use App\Words\ShopAddress;
use Illuminate\Console\Command;

/**
 * Prints a way in that works once: for the first owner of an empty shop, or for whoever is locked out. Whoever can run
 * it has the machine, and could do anything to it.
 */
final class InviteSomebody extends Command
{
    protected $signature = 'facelift:invite {email}
        {--owner : the first owner of a shop without people}
        {--at= : address of the shop}';

    protected $description = 'Print a way in that works once';

    public function handle(Invite $invite): int
    {
        $email = mb_strtolower((string) $this->argument('email'));
        $user = User::query()->where('email', $email)->first();
        if ($user === null && $this->option('owner') === true && !User::query()->exists()) {
            $user = User::query()->create(['name' => 'Owner', 'email' => $email, 'role' => Role::Owner]);
        }
        if ($user === null || $user->disabled_at !== null) {
            $this->error('There is no account with this e-mail address that gets in.');

            return self::FAILURE;
        }
        $at = $this->option('at');
        $this->line(rtrim(is_string($at) ? $at : ShopAddress::of(), '/') . '/invited/' . $invite($user));

        return self::SUCCESS;
    }
}
