<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Jobs\ShopDay;
use App\Models\GlassTry;
use App\Models\Role;
use App\Models\Roll;
use App\Models\ShelfItem;
use App\Models\ShopRule;
use App\Models\Supply;
use App\Models\User;
use Facelift\Cost\ShopRulesReader;
use Facelift\Schedule\Right;
use Facelift\Supply\SupplyKind;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The demo: the counter "Lindenhalt Tram Market, stall 9". Everybody and everything in it is invented. */
final class DatabaseSeeder extends Seeder
{
    /** All of it or nothing: a demo that was broken off is begun anew. */
    public function run(): void
    {
        if (!User::query()->exists()) {
            DB::transaction($this->fill(...));
        }
    }

    private function fill(): void
    {
        $password = getenv('FACELIFT_DEMO_PASSWORD');
        $password = is_string($password) && $password !== '' ? $password : bin2hex(random_bytes(6));
        foreach (
            [
                ['Ilse Varga', 'owner', Role::Owner],
                ['Tomo Reket', 'technician', Role::Technician],
                ['Nuria Bakalov', 'second', Role::Technician],
                ['Pia Lundqvist', 'desk', Role::FrontDesk],
            ] as [$name, $account, $role]
        ) {
            User::query()->create([
                'name' => $name,
                'email' => $account . '@lindenhalt.example',
                'password' => $password,
                'role' => $role,
                'rights' => $account === 'technician' ? Right::cases() : [Right::Uv],
            ]);
        }
        $shop = app(ShopDay::class)->row();
        $shop->update(['settings' => ['name' => 'Lindenhalt Tram Market, stall 9'] + $shop->settings]);
        foreach (DemoShelf::ITEMS as $item) {
            ShelfItem::query()->create($item + ['state' => 'new']);
        }
        // A rest of tape and five rolls, by widths that are common.
        $rolls = [[1.0, 10_000], [1.5, 32_400], [1.5, 640], [2.0, 18_700], [3.0, 7_250], [5.0, 4_800]];
        foreach ($rolls as $i => [$width, $left]) {
            Roll::query()->create([
                'id' => Str::uuid()->toString(),
                'name' => 'Black foam ' . $width . ' mm' . ($i === 2 ? ', rest' : ''),
                'make' => 'Lattermoor black',
                'width' => $width,
                'thickness' => 0.3,
                'gives' => 0.2,
                'left_mm' => $left,
                'kept_by' => User::query()->where('role', Role::Technician)->firstOrFail()->id,
            ]);
        }
        $this->supplies();
        ShopRule::query()->create([
            'version' => 1,
            'rules' => [
                'fixed' => [['phone' => 'brasca-fern-5', 'kind' => 'display-assembly', 'amount' => '149.00']],
                'worth' => [
                    ['phone' => 'quillon-vesper', 'amount' => '240.00'],
                    ['phone' => 'brasca-fern-5', 'amount' => '290.00'],
                    ['phone' => 'brasca-fern-4', 'amount' => '120.00'],
                ],
            ] + ShopRulesReader::USUAL,
        ]);
        // Glass-only tries on practice panels and phones, eleven of sixteen whole.
        for ($try = 0; $try < 16; ++$try) {
            GlassTry::query()->create(['id' => Str::uuid()->toString(), 'whole' => $try % 3 !== 2]);
        }
        if (getenv('FACELIFT_HISTORY') === '1') {
            $this->call(DemoHistory::class);
        }
        // Whatever the hour, it is a day at the stall: outside of opening hours, as it was when it last shut.
        Carbon::setTestNow(Carbon::createFromTimestampMs($this->lastOpen()));
        $this->call([DemoJobs::class, DemoDay::class]);
        Carbon::setTestNow();
    }

    /** A tube nearly empty and a full one, blades and picks. */
    private function supplies(): void
    {
        $all = [
            ['Clear contact, 15 ml', SupplyKind::Glue, 0.4],
            ['Clear contact, 50 ml', SupplyKind::Glue, 50.0],
            ['Blades 0.1 mm', SupplyKind::Blade, 4.0],
            ['Picks, blue', SupplyKind::Pick, 12.0],
        ];
        foreach ($all as [$name, $kind, $left]) {
            Supply::query()->create([
                'id' => Str::uuid()->toString(),
                'kind' => $kind,
                'name' => $name,
                'make' => $kind === SupplyKind::Glue ? 'Ottersby clear' : '',
                'left_over' => $left,
                'kept_by' => User::query()->where('role', Role::Technician)->firstOrFail()->id,
            ]);
        }
    }

    /** Now if the stall is open, else half an hour before it shut last; ms since 1970. */
    private function lastOpen(): int
    {
        $now = Carbon::now()->getTimestampMs();
        $hours = app(ShopDay::class)->shop()->bench->hours;
        if ($hours->isOpen($now)) {
            return $now;
        }
        $past = array_filter(
            $hours->spans($now - 8 * 86_400_000, 9),
            static fn(array $span): bool => $span[1] <= $now,
        );
        $last = array_pop($past);

        return $last === null ? $now : $last[1] - 1_800_000;
    }
}
