<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            // The id that the page made when it was asked to add somebody: the same again adds nobody twice.
            $table->uuid('asked_as')->nullable()->unique();
            $table->dateTime('disabled_at')->nullable();
            // Null until somebody has set one: then nobody gets in with it.
            $table->string('password')->nullable()->change();
            $table->text('totp_secret')->nullable();
            // The window of the last code that was taken: none is taken twice.
            $table->unsignedBigInteger('totp_last')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        // A way in that works once: its word is never kept, only what it hashes to.
        Schema::create('invitations', static function (Blueprint $table): void {
            $table->string('hash', 64)->primary();
            $table->foreignId('user_id')->unique()->constrained('users');
            $table->dateTime('expires_at');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('invitations');
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn(['asked_as', 'disabled_at', 'totp_secret', 'totp_last', 'version']);
        });
    }
};
