<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exceptions\Conflict;
use App\Models\KeptPace;
use App\Models\Role;
use App\Models\ShopSetting;
use App\Models\User;
use DateTimeZone;
use Facelift\Document\Unreadable;
use Facelift\Schedule\Shop;
use Facelift\Schedule\ShopReader;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;

/** When the shop is open and what it has, as the owner has set it. */
final class ShopDay
{
    private ?Shop $read = null;

    public function shop(): Shop
    {
        return $this->read ??= $this->reads($this->whole($this->row()));
    }

    public function row(): ShopSetting
    {
        return ShopSetting::query()->firstOrCreate(
            [],
            ['version' => 1, 'settings' => $this->usual()],
        );
    }

    /**
     * As they are kept, with what was not asked yet when they were.
     *
     * @return array<string, mixed>
     */
    public function whole(ShopSetting $row): array
    {
        $kept = array_diff_key($row->settings, ['hands' => true]);

        return $kept + $this->usual();
    }

    /** @return array<string, mixed> until the owner has set others */
    private function usual(): array
    {
        $dates = str_replace('_', '-', Config::string('facelift.dates'));

        return ['name' => Config::string('facelift.shop'), 'people' => $this->usualPeople(), 'dates' => $dates]
            + ShopReader::USUAL;
    }

    /** @return Collection<int, User> who can be at the bench: technicians, and the owner */
    public static function accounts(): Collection
    {
        return User::query()->whereIn('role', [Role::Technician, Role::Owner])->orderBy('id')->get();
    }

    /** @return list<array<string, mixed>> all technicians, or the owner if there is none, or somebody */
    private function usualPeople(): array
    {
        $accounts = self::accounts();
        $technicians = $accounts->filter(static fn(User $u): bool => $u->role === Role::Technician);

        if ($accounts->isEmpty()) {
            return [['person' => '0']];
        }

        return array_values(($technicians->isEmpty() ? $accounts : $technicians)->map(static fn(User $u): array => [
            'person' => (string) $u->id,
        ])->all());
    }

    /**
     * @param array<string, mixed> $settings
     *
     * @throws Unreadable If they are faulty: nothing is kept.
     * @throws Conflict   If somebody else has changed them meanwhile.
     */
    public function keep(int $version, array $settings): ShopSetting
    {
        $this->reads($settings);
        $this->row();
        $row = DB::connection()->transaction(function () use ($version, $settings): ShopSetting {
            $locked = ShopSetting::query()->lockForUpdate()->firstOrFail();
            if ($this->whole($locked) === $settings) {
                return $locked;
            }
            if ($locked->version !== $version) {
                throw Conflict::staleShop($locked);
            }
            $locked->update(['settings' => $settings, 'version' => $locked->version + 1]);

            return $locked;
        });
        $this->read = null;

        return $row;
    }

    /**
     * What something comes to if the shop were as these settings say; nothing is kept.
     *
     * @template T
     *
     * @param array<string, mixed> $settings
     * @param \Closure(): T       $do
     *
     * @return T
     *
     * @throws Unreadable If they are faulty.
     */
    public function as(array $settings, \Closure $do): mixed
    {
        $is = $this->read;
        $this->read = $this->reads($settings);
        try {
            return $do();
        } finally {
            $this->read = $is;
        }
    }

    /**
     * Whoever is shut out does not come to the bench either, until there would be nobody.
     *
     * @param Collection<int, User> $accounts
     */
    private static function whoComes(mixed $people, Collection $accounts): mixed
    {
        $out = $accounts->filter(static fn(User $u): bool => $u->disabled_at !== null)->pluck('id');
        $comes = array_filter(
            is_array($people) ? $people : [],
            static fn(mixed $p): bool => !$out->contains(data_get($p, 'person')),
        );

        return $comes === [] ? $people : array_values($comes);
    }

    /** @param array<string, mixed> $settings */
    private function reads(array $settings): Shop
    {
        $accounts = self::accounts();
        $settings['people'] = self::whoComes($settings['people'] ?? null, $accounts);
        $rights = $accounts->mapWithKeys(static fn(User $u): array => [$u->id => $u->rights->values()->all()])->all();
        $paces = [];
        foreach (KeptPace::query()->get() as $kept) {
            // In steps, so that not every step at the bench makes another day of it.
            $paces[$kept->user_id] = round(20 * $kept->pace()->factor()) / 20;
        }

        return (new ShopReader())->read($settings, new DateTimeZone(Config::string('facelift.zone')), $paces, $rights);
    }
}
