<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('plan_changes', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->constrained('repair_jobs')->cascadeOnDelete();
            $table->unsignedBigInteger('at');
            $table->string('trouble', 30);
            $table->string('subject', 120);
            $table->string('step', 120);
            $table->json('because');
            $table->boolean('quote');
            $table->longText('before');
            $table->foreignId('user_id')->constrained('users');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('plan_changes');
    }
};
