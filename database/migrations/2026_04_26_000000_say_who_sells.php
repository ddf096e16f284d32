<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('part_orders', static function (Blueprint $table): void {
            // Of earlier orders nobody said it apart from their name.
            $table->string('supplier', 80)->default('')->after('name');
        });
    }

    public function down(): void
    {
        Schema::table('part_orders', static function (Blueprint $table): void {
            $table->dropColumn('supplier');
        });
    }
};
