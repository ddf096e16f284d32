<?php

declare(strict_types=1);

use App\Models\JobWords;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('job_words', static function (Blueprint $table): void {
            $table->string('word', 40);
            $table->unsignedInteger('number');
            $table->primary(['word', 'number']);
            $table->index(['number', 'word']);
        });
        DB::table('repair_jobs')
            ->select(['number', 'search'])
            ->chunkById(500, static function ($jobs): void {
                $rows = [];
                foreach ($jobs as $job) {
                    assert(is_int($job->number) && is_string($job->search));
                    array_push($rows, ...JobWords::rows($job->number, [$job->search]));
                }
                DB::table('job_words')->insertOrIgnore($rows);
            }, 'number');
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropFullText(['search']);
            $table->dropColumn('search');
        });
    }

    public function down(): void
    {
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->string('search', 400)->default('')->fulltext();
        });
        DB::statement(<<<'SQL'
            update repair_jobs j
            join (select number, group_concat(word separator ' ') as words from job_words group by number) w
                on w.number = j.number
            set j.search = left(w.words, 400)
            SQL);
        Schema::dropIfExists('job_words');
    }
};
