<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What was said at the bench of a phone that nobody has drawn, under the id that the client made.
        Schema::create('captures', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->string('base', 80);
            $table->string('kind', 16);
            $table->bigInteger('at');
            $table->json('said');
            $table->boolean('undone')->default(false);
            $table->foreignId('user_id')->constrained('users');
            $table->timestamps();
            $table->index(['job_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('captures');
    }
};
