<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->string('short_code', 100)->nullable();
        });
        Schema::create('known_devices', static function (Blueprint $table): void {
            // The device's own word, hashed: who reads this table cannot pass for it.
            $table->char('device', 64);
            $table->foreignId('user_id')->constrained('users')->cascadeOnDelete();
            $table->unsignedTinyInteger('wrong')->default(0);
            $table->primary(['device', 'user_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('known_devices');
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn('short_code');
        });
    }
};
