<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('audits', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('at');
            $table->foreignId('user_id')->nullable()->constrained('users');
            $table->string('about', 20);
            $table->string('of', 40);
            $table->string('name', 80);
            $table->string('act', 10);
            $table->json('changes');
            $table->index(['about', 'of', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('audits');
    }
};
