<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('repair_jobs', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->unsignedInteger('version')->default(1);
            $table->string('phone', 80)->index();
            $table->string('model_code', 40);
            $table->string('colour', 40)->nullable();
            $table->string('imei', 15)->nullable()->index();
            $table->string('customer', 80);
            $table->json('condition')->nullable();
            $table->string('kind', 40)->nullable();
            $table->string('kind_reason', 300)->nullable();
            $table->decimal('plate', 5, 1)->nullable();
            $table->longText('plan')->nullable();
            $table->string('new_faults_reason', 300)->nullable();
            $table->dateTime('promised_at')->nullable();
            $table->dateTime('handed_over_at')->nullable();
            $table->foreignId('opened_by')->constrained('users');
            $table->timestamps();
        });
        Schema::create('shelf_items', static function (Blueprint $table): void {
            $table->id();
            $table->string('label', 20)->unique();
            $table->string('name', 120);
            $table->string('kind', 40);
            $table->json('model_codes');
            $table->string('connector', 40)->nullable();
            $table->string('technology', 20)->nullable();
            $table->string('colour', 40)->nullable();
            $table->unsignedSmallInteger('refresh')->nullable();
            $table->json('brings')->nullable();
            $table->string('supplier', 80);
            $table->string('batch', 40);
            $table->string('state', 20);
            $table->string('place', 40);
            // A part lies in one job at most, and a job takes one part at most.
            $table->foreignUuid('job_id')->nullable()->unique()->constrained('repair_jobs');
            $table->timestamps();
        });
        Schema::create('bench_events', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->string('type', 20);
            $table->bigInteger('at');
            $table->json('data');
            $table->foreignId('user_id')->constrained('users');
            $table->timestamp('received_at')->useCurrent();
            $table->index(['job_id', 'at']);
        });
    }

    public function down(): void
    {
        foreach (['bench_events', 'shelf_items', 'repair_jobs'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
