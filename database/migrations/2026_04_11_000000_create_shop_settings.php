<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('shop_settings', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('version')->default(1);
            $table->json('settings');
            $table->timestamps();
        });
        // What is left to do of a job, in pieces: promises of others are reckoned with it.
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->json('remaining')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shop_settings');
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropColumn('remaining');
        });
    }
};
