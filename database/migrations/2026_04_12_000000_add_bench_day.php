<?php

declare(strict_types=1);

use App\Jobs\RefreshStanding;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            // Who did the last step, and when: the phone is in their hands.
            $table->foreignId('hand')->nullable()->constrained('users');
            $table->unsignedBigInteger('hand_at')->nullable();
            $table->boolean('guessed')->default(false);
            // When its next work was asked to begin, ms since 1970; and whether its promise stands before others.
            $table->unsignedBigInteger('pin_at')->nullable();
            $table->boolean('firm')->default(false);
            // A job may exist before its phone does.
            $table->date('comes_on')->nullable();
            $table->index(['handed_over_at', 'accepted_at']);
            $table->index('accepted_at');
        });
        Schema::create('absences', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('person')->constrained('users');
            $table->unsignedBigInteger('from_at');
            $table->unsignedBigInteger('to_at')->index();
            $table->foreignId('user_id')->constrained('users');
            $table->timestamps();
        });
        Schema::table('shop_settings', static function (Blueprint $table): void {
            $table->string('calendar_secret', 64)->nullable()->unique();
        });
        // A part may be ordered for a job before anything is opened, not only after a trouble.
        Schema::table('part_orders', static function (Blueprint $table): void {
            $table->foreignUuid('change_id')->nullable()->change();
            $table->string('kind', 60)->nullable();
            $table->foreignId('item_id')->nullable()->constrained('shelf_items');
            $table->timestamp('arrived_at')->nullable();
            $table->index(['state', 'due_on']);
        });
        // The application itself looks at open jobs here, so this has to come after the last column that it knows of a
        // job: a later migration that adds one takes it over.
        app(RefreshStanding::class)();
    }

    public function down(): void
    {
        Schema::dropIfExists('absences');
        Schema::table('shop_settings', static function (Blueprint $table): void {
            $table->dropColumn('calendar_secret');
        });
        Schema::table('part_orders', static function (Blueprint $table): void {
            $table->dropIndex(['state', 'due_on']);
            $table->dropConstrainedForeignId('item_id');
            $table->dropColumn(['kind', 'arrived_at']);
        });
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropIndex(['handed_over_at', 'accepted_at']);
            $table->dropIndex(['accepted_at']);
            $table->dropConstrainedForeignId('hand');
            $table->dropColumn(['hand_at', 'pin_at', 'firm', 'comes_on', 'guessed']);
        });
    }
};
