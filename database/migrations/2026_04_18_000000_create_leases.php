<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('leases', static function (Blueprint $table): void {
            $table->string('name', 40)->primary();
            $table->string('holder', 120);
            $table->unsignedBigInteger('until');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('leases');
    }
};
