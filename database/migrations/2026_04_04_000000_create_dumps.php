<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Every reading of a display is a row of its own, and stays as it is.
        Schema::create('dumps', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->string('socket', 8);
            $table->string('panel', 80);
            $table->string('layout', 80);
            $table->char('crc32', 8);
            $table->mediumText('document');
            $table->bigInteger('at');
            $table->index(['job_id', 'at']);
        });
        // What happened at the programmer, in order; the state of a transfer is what these fold to.
        Schema::create('transfer_events', static function (Blueprint $table): void {
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->unsignedInteger('number');
            $table->string('kind', 16);
            $table->json('data');
            $table->foreignUuid('dump_id')->nullable()->constrained('dumps');
            $table->foreignId('user_id')->constrained('users');
            $table->bigInteger('at');
            $table->primary(['job_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('transfer_events');
        Schema::dropIfExists('dumps');
    }
};
