<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('rolls', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('name', 60)->unique();
            $table->decimal('width', 4, 2);
            $table->decimal('thickness', 4, 3);
            $table->decimal('gives', 3, 2);
            $table->decimal('left_mm', 9, 1);
            $table->foreignId('kept_by')->constrained('users');
            $table->timestamps();
        });
        // What a step at the bench has taken; the event is there once, so its tape is taken once.
        Schema::create('roll_cuts', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('event_id');
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->foreignUuid('roll_id')->nullable()->constrained('rolls')->nullOnDelete();
            $table->decimal('width', 4, 2);
            $table->decimal('mm', 9, 1);
            $table->timestamps();
            $table->unique(['event_id', 'roll_id', 'width']);
        });
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->json('seal')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropColumn('seal');
        });
        Schema::dropIfExists('roll_cuts');
        Schema::dropIfExists('rolls');
    }
};
