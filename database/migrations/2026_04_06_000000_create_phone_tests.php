<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The page that a phone under test opens: known by the hash of a word that only its address holds.
        Schema::create('phone_pages', static function (Blueprint $table): void {
            $table->char('token', 64)->primary();
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->string('gate', 16);
            $table->foreignId('user_id')->constrained('users');
            $table->dateTime('expires_at');
            $table->timestamps();
            $table->index('job_id');
        });
        // What the phone itself has shown; the outcome is in the job's events under the same id.
        Schema::create('phone_tests', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->string('gate', 16);
            $table->string('function', 32);
            $table->string('outcome', 16);
            $table->json('figures');
            $table->bigInteger('at');
            $table->index(['job_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('phone_tests');
        Schema::dropIfExists('phone_pages');
    }
};
