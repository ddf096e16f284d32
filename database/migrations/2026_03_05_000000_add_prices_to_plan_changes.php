<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('plan_changes', static function (Blueprint $table): void {
            $table->decimal('part_cost', 10, 2)->nullable();
            $table->unsignedSmallInteger('minutes')->nullable();
            $table->decimal('gross', 10, 2)->nullable();
            $table->dateTime('priced_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('plan_changes', static function (Blueprint $table): void {
            $table->dropColumn(['part_cost', 'minutes', 'gross', 'priced_at']);
        });
    }
};
