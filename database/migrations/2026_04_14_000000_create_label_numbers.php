<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('label_numbers', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('next');
        });
        // Only labels as the shop counts them: one that was typed far ahead does not move the count.
        $last = DB::table('shelf_items')
            ->whereRaw("label regexp '^S-[0-9]{1,6}$'")
            ->selectRaw('max(cast(substring(label, 3) as unsigned)) as last')
            ->value('last');
        DB::table('label_numbers')->insert(['next' => 1 + (is_numeric($last) ? (int) $last : 0)]);
    }

    public function down(): void
    {
        Schema::dropIfExists('label_numbers');
    }
};
