<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What became of every old part of a job; what stays in the shop has a label and a place.
        Schema::create('old_parts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->string('part', 80);
            $table->string('name', 120);
            $table->string('goes', 16);
            $table->string('label', 20)->nullable()->unique();
            $table->string('place', 40)->nullable();
            $table->dateTime('used_at')->nullable();
            $table->timestamps();
            $table->unique(['job_id', 'part']);
            $table->index(['goes', 'used_at']);
        });
        // What a phone came back with, tied to what the job before had used.
        Schema::create('comebacks', static function (Blueprint $table): void {
            $table->foreignUuid('job_id')->primary()->constrained('repair_jobs');
            $table->foreignUuid('of_id')->constrained('repair_jobs');
            $table->string('what', 16);
            $table->string('function', 32)->nullable();
            $table->string('side', 8)->nullable();
            $table->string('text', 300);
            $table->json('tied');
            $table->timestamps();
            $table->index('of_id');
        });
        // A phone that came by post. The address goes as soon as the phone has gone back.
        Schema::create('post_boxes', static function (Blueprint $table): void {
            $table->foreignUuid('job_id')->primary()->constrained('repair_jobs');
            $table->json('came');
            $table->json('goes');
            $table->text('address')->nullable();
            $table->dateTime('sent_at')->nullable();
            $table->string('parcel', 60)->nullable();
            $table->timestamps();
            $table->index('sent_at');
        });
        // What the customer signed on the phone itself once its last gate was through.
        Schema::create('gate_signatures', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->string('gate', 16);
            $table->string('name', 80);
            $table->json('strokes');
            $table->json('passed');
            $table->bigInteger('at');
            $table->index(['job_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('gate_signatures');
        Schema::dropIfExists('post_boxes');
        Schema::dropIfExists('comebacks');
        Schema::dropIfExists('old_parts');
    }
};
