<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('plan_changes', static function (Blueprint $table): void {
            $table->string('part', 120)->nullable();
        });
        Schema::create('part_orders', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            // One order at most stands for a trouble.
            $table->foreignUuid('change_id')->unique()->constrained('plan_changes');
            $table->string('sku', 40);
            $table->string('name', 200);
            $table->decimal('price', 10, 2);
            $table->unsignedSmallInteger('lead_days');
            $table->string('state', 10);
            $table->string('reference', 40)->nullable();
            $table->date('due_on')->nullable();
            $table->string('fault', 40)->nullable();
            $table->foreignId('user_id')->constrained('users');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('part_orders');
        Schema::table('plan_changes', static function (Blueprint $table): void {
            $table->dropColumn('part');
        });
    }
};
