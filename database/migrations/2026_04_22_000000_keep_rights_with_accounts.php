<?php

declare(strict_types=1);

use App\Models\ShopSetting;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->json('rights')->default('["uv"]');
        });
        DB::table('users')->where('expert', true)->update(['rights' => '["expert","uv","solder"]']);
        self::people(static function (int $user, array $person): array {
            $rights = json_encode($person['rights'] ?? [], JSON_THROW_ON_ERROR);
            DB::table('users')->where('id', $user)->update(['rights' => $rights]);

            return array_diff_key($person, ['rights' => true]);
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn('expert');
        });
    }

    public function down(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->boolean('expert')->default(false);
        });
        DB::statement("update users set expert = json_contains(rights, '\"expert\"')");
        self::people(static function (int $user, array $person): array {
            $rights = DB::table('users')->where('id', $user)->value('rights');

            return $person + ['rights' => is_string($rights) ? json_decode($rights, true) : ['uv']];
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn('rights');
        });
    }

    /** @param Closure(int, array<mixed>): array<mixed> $change */
    private static function people(Closure $change): void
    {
        foreach (ShopSetting::query()->get() as $row) {
            $people = array_filter((array) ($row->settings['people'] ?? []), is_array(...));
            foreach ($people as $i => $person) {
                $id = $person['person'] ?? null;
                $people[$i] = $change(is_numeric($id) ? (int) $id : 0, $person);
            }
            $row->update(['settings' => ['people' => array_values($people)] + $row->settings]);
        }
    }
};
