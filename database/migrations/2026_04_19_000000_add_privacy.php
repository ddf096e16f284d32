<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dateTime('nameless_at')->nullable();
            $table->index(['nameless_at', 'handed_over_at']);
            $table->index('customer');
        });
        Schema::table('shop_settings', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('keep_months')->default(36);
        });
    }

    public function down(): void
    {
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropIndex(['nameless_at', 'handed_over_at']);
            $table->dropIndex(['customer']);
            $table->dropColumn('nameless_at');
        });
        Schema::table('shop_settings', static function (Blueprint $table): void {
            $table->dropColumn('keep_months');
        });
    }
};
