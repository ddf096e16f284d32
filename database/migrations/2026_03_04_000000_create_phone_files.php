<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('phone_files', static function (Blueprint $table): void {
            $table->id();
            $table->string('phone', 60);
            $table->unsignedInteger('version');
            $table->longText('document');
            $table->foreignId('user_id')->constrained('users');
            $table->timestamp('drawn_at');
            $table->unique(['phone', 'version']);
        });
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->string('school', 20)->default('strip-then-build');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('phone_files');
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropColumn('school');
        });
    }
};
