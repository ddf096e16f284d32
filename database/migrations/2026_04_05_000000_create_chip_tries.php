<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // May move chips: the owner gives the right, nobody has it by a role.
        Schema::table('users', static function (Blueprint $table): void {
            $table->boolean('expert')->default(false);
        });
        Schema::create('chip_tries', static function (Blueprint $table): void {
            $table->foreignUuid('job_id')->primary()->constrained('repair_jobs');
            $table->boolean('works');
            $table->timestamps();
            $table->index('works');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('chip_tries');
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn('expert');
        });
    }
};
