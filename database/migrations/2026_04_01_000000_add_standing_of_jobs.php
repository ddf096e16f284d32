<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Where a job stands, as columns and a table of running clocks: lists and the top bar read no plan and no event. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->boolean('plan_works')->nullable();
            $table->string('next_step', 120)->nullable();
        });
        Schema::create('running_clocks', static function (Blueprint $table): void {
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->string('step', 120);
            $table->string('kind', 40);
            $table->bigInteger('since');
            $table->unsignedInteger('seconds');
            // A reading has corrected when to lift off: ms since 1970.
            $table->bigInteger('lift_at')->nullable();
            $table->primary(['job_id', 'step']);
        });
        // Jobs that were planned before: open ones are looked at one by one once all columns are there; one that cannot
        // be read keeps the question mark.
        DB::table('repair_jobs')
            ->whereNotNull('plan')
            ->whereRaw("JSON_VALUE(plan, '$.works') IN ('1', 'true')")
            ->update(['plan_works' => true, 'next_step' => '?']);
        DB::table('repair_jobs')
            ->whereNotNull('plan')
            ->whereNull('plan_works')
            ->update(['plan_works' => false]);
        DB::table('repair_jobs')
            ->whereNotNull('handed_over_at')
            ->update(['next_step' => null]);
    }

    public function down(): void
    {
        Schema::dropIfExists('running_clocks');
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropColumn(['plan_works', 'next_step']);
        });
    }
};
