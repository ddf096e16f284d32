<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What the events of a job come to; it can be thrown away, and is made anew from them. The next migration folds
        // jobs that there are: it needs this table.
        Schema::create('run_folds', static function (Blueprint $table): void {
            $table->foreignUuid('job_id')->primary()->constrained('repair_jobs');
            $table->unsignedSmallInteger('version');
            $table->char('plan', 32);
            $table->unsignedBigInteger('upto');
            $table->mediumText('fold');
        });
        // In the order of arrival: whether anything came since is told without reading what there is. The schema
        // builder would make it the primary key.
        DB::statement('alter table bench_events add seq bigint unsigned not null auto_increment, add unique (seq)');
        Schema::table('bench_events', static function (Blueprint $table): void {
            $table->index(['job_id', 'seq']);
            $table->index(['job_id', 'type', 'at']);
        });
    }

    public function down(): void
    {
        Schema::table('bench_events', static function (Blueprint $table): void {
            $table->dropIndex(['job_id', 'type', 'at']);
            $table->dropIndex(['job_id', 'seq']);
            $table->dropColumn('seq');
        });
        Schema::dropIfExists('run_folds');
    }
};
