<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('phone_files', static function (Blueprint $table): void {
            $table->string('standing', 10)->default('kept');
            $table->foreignUuid('job_id')->nullable()->constrained('repair_jobs');
            $table->foreignId('reviewed_by')->nullable()->constrained('users');
            $table->dateTime('reviewed_at')->nullable();
            $table->index(['phone', 'standing', 'version']);
        });
    }

    public function down(): void
    {
        Schema::table('phone_files', static function (Blueprint $table): void {
            $table->dropForeign(['job_id']);
            $table->dropForeign(['reviewed_by']);
            $table->dropIndex(['phone', 'standing', 'version']);
            $table->dropColumn(['standing', 'job_id', 'reviewed_by', 'reviewed_at']);
        });
    }
};
