<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('request_counts', static function (Blueprint $table): void {
            $table->string('name', 100)->primary();
            $table->unsignedInteger('hits');
            // Seconds since 1970.
            $table->unsignedBigInteger('ends')->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('request_counts');
    }
};
