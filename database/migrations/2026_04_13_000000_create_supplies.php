<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('supplies', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('kind', 20)->index();
            $table->string('name', 60)->unique();
            $table->decimal('left_over', 9, 3);
            $table->foreignId('kept_by')->constrained('users');
            $table->timestamps();
        });
        // What a step at the bench has used up; the event is there once, so it is taken once.
        Schema::create('supply_uses', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('event_id');
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->string('kind', 20);
            $table->foreignUuid('supply_id')->nullable()->constrained('supplies')->nullOnDelete();
            $table->decimal('amount', 9, 3);
            $table->timestamps();
            $table->index('event_id');
            $table->index('created_at');
        });
        Schema::table('roll_cuts', static function (Blueprint $table): void {
            $table->index('created_at');
        });
        // How fast somebody works, carried on with every step: nothing is added up anew.
        Schema::create('paces', static function (Blueprint $table): void {
            $table->foreignId('user_id')->primary()->constrained('users');
            $table->unsignedBigInteger('last_at');
            $table->double('planned');
            $table->double('taken');
            $table->timestamps();
        });
        // How much of a thing the shop wants to have: of a part for a phone, of tape of a width, of a supply.
        Schema::create('reorder_levels', static function (Blueprint $table): void {
            $table->id();
            $table->string('of', 20);
            $table->string('phone', 60)->default('');
            $table->string('part', 40)->default('');
            $table->decimal('width', 4, 2)->default(0);
            $table->decimal('level', 9, 3)->nullable();
            $table->unsignedSmallInteger('lead_days')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['of', 'phone', 'part', 'width']);
        });
    }

    public function down(): void
    {
        foreach (['reorder_levels', 'paces', 'supply_uses', 'supplies'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('roll_cuts', static function (Blueprint $table): void {
            $table->dropIndex(['created_at']);
        });
    }
};
