<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Why another source of heat was taken than the recommended one. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->string('heat_reason', 300)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropColumn('heat_reason');
        });
    }
};
