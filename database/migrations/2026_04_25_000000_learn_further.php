<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('job_facts', static function (Blueprint $table): void {
            // The make that it was sealed with, as the shop calls it.
            $table->string('adhesive', 80)->default('')->after('way');
            // Jobs from before have taught what they can.
            $table->boolean('learnt')->default(true);
            $table->index(['adhesive', 'closed_at', 'number']);
            $table->index(['learnt', 'number']);
        });
        $sums = implode(', ', [
            'jobs', 'gross', 'net', 'tax', 'part', 'consumables', 'planned', 'taken', 'timed', 'promised', 'kept',
            'torn', 'ruined',
        ]);
        // Nobody knows what those were sealed with, but that they were.
        DB::statement(
            "insert into record_sums (month, facet, value, $sums) select month, 'adhesive', '', $sums "
            . "from record_sums where facet = 'all'",
        );
        // The adhesive's make, as the shop calls it: rolls and tubes come and go, and have names of their own.
        foreach (['rolls', 'supplies', 'roll_cuts', 'supply_uses'] as $of) {
            Schema::table($of, static function (Blueprint $table): void {
                $table->string('make', 60)->default('');
            });
        }
        Schema::table('minute_figures', static function (Blueprint $table): void {
            $table->dropPrimary();
        });
        Schema::table('minute_figures', static function (Blueprint $table): void {
            $table->id()->first();
            // Empty for phones of any that has none of its own.
            $table->string('family', 40)->default('')->after('kind');
            $table->unique(['kind', 'family']);
        });
        Schema::create('source_figures', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('kind', 20)->unique();
            // W/(m²·K)
            $table->double('coefficient');
            $table->unsignedInteger('jobs');
            $table->foreignId('taken_by')->constrained('users');
            $table->timestamps();
        });
        Schema::create('drag_sums', static function (Blueprint $table): void {
            // Of the chance that was foreseen, 0 to 9.
            $table->unsignedTinyInteger('tenth')->primary();
            $table->bigInteger('passes')->default(0);
            $table->bigInteger('dragged')->default(0);
            // Millionths of the chances that were foreseen.
            $table->bigInteger('chances')->default(0);
        });
        Schema::create('reading_sums', static function (Blueprint $table): void {
            // °C that were foreseen: the lower end of five.
            $table->smallInteger('foreseen')->primary();
            $table->bigInteger('readings')->default(0);
            // Hundredths of a kelvin, read less foreseen, and their squares.
            $table->bigInteger('sum')->default(0);
            $table->bigInteger('squares')->default(0);
            // That lay within the band in which nine of ten are to lie.
            $table->bigInteger('inside')->default(0);
        });
    }

    public function down(): void
    {
        foreach (['reading_sums', 'drag_sums', 'source_figures'] as $table) {
            Schema::dropIfExists($table);
        }
        foreach (['rolls', 'supplies', 'roll_cuts', 'supply_uses'] as $of) {
            Schema::table($of, static function (Blueprint $table): void {
                $table->dropColumn('make');
            });
        }
        DB::table('minute_figures')->where('family', '!=', '')->delete();
        Schema::table('minute_figures', static function (Blueprint $table): void {
            $table->dropUnique(['kind', 'family']);
            $table->dropColumn(['id', 'family']);
            $table->primary('kind');
        });
        DB::table('record_sums')->where('facet', 'adhesive')->delete();
        Schema::table('job_facts', static function (Blueprint $table): void {
            $table->dropIndex(['adhesive', 'closed_at', 'number']);
            $table->dropIndex(['learnt', 'number']);
            $table->dropColumn(['adhesive', 'learnt']);
        });
    }
};
