<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropColumn('plate');
            $table->json('heat_source')->nullable();
        });
        Schema::create('heat_sources', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('name', 60)->unique();
            $table->json('source');
            $table->json('fit')->nullable();
            $table->foreignId('kept_by')->constrained('users');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('heat_sources');
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropColumn('heat_source');
            $table->decimal('plate', 5, 1)->nullable();
        });
    }
};
