<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\User;
use Illuminate\Database\Seeder;

/** The demo: the counter "Lindenhalt Tram Market, stall 9". Everybody and everything in it is invented. */
final class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        if (User::query()->exists()) {
            return;
        }
        $password = getenv('FACELIFT_DEMO_PASSWORD');
        $password = is_string($password) && $password !== '' ? $password : bin2hex(random_bytes(6));
        foreach ([['Ilse Varga', 'owner', Role::Owner], ['Tomo Reket', 'technician', Role::Technician], ['Pia Lundqvist', 'desk', Role::FrontDesk]] as [$name, $account, $role]) {
            User::query()->create(['name' => $name, 'email' => $account . '@lindenhalt.example', 'password' => $password, 'role' => $role]);
        }
        foreach (DemoShelf::ITEMS as $item) {
            ShelfItem::query()->create($item + ['state' => 'new']);
        }
        $this->call(DemoJobs::class);
    }
}
