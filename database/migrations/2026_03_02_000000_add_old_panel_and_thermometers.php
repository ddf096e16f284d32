<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->string('old_panel', 10)->default('save');
        });
        Schema::create('thermometers', static function (Blueprint $table): void {
            $table->string('id', 20)->primary();
            $table->unsignedBigInteger('heard_at');
            $table->unsignedInteger('sequence');
            $table->smallInteger('tenths')->nullable();
            $table->foreignUuid('job_id')->nullable()->constrained('repair_jobs')->cascadeOnDelete();
            $table->string('step', 120)->nullable();
            $table->string('probe', 20)->nullable();
            $table->foreignId('user_id')->nullable()->constrained('users');
            $table->unsignedBigInteger('attached_at')->nullable();
            $table->unsignedBigInteger('kept_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('thermometers');
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropColumn('old_panel');
        });
    }
};
