<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** What jobs are told apart by, each with an index to the jobs behind a figure. */
    private const FACETS = ['way', 'supplier', 'batch', 'kind', 'phone', 'technician'];

    public function up(): void
    {
        Schema::create('job_facts', static function (Blueprint $table): void {
            $table->foreignUuid('job_id')->primary()->constrained('repair_jobs');
            $table->unsignedInteger('number')->unique();
            $table->dateTime('closed_at');
            $table->string('way', 40);
            $table->string('supplier', 80);
            $table->string('kind', 40);
            $table->string('phone', 80);
            $table->string('technician', 20);
            $table->string('batch', 60)->default('');
            // Cents.
            $table->integer('gross');
            $table->integer('net');
            $table->integer('tax');
            $table->integer('part');
            $table->integer('consumables');
            $table->boolean('warranty')->default(false);
            // Seconds of hands; taken is null where nobody told.
            $table->unsignedInteger('planned');
            $table->unsignedInteger('taken')->nullable();
            $table->dateTime('promised_at')->nullable();
            $table->dateTime('ready_at')->nullable();
            // A flex was torn, a panel parted or broke at the bench.
            $table->boolean('torn')->default(false);
            $table->boolean('ruined')->default(false);
            // Days after which it came back, and with what.
            $table->unsignedSmallInteger('back_days')->nullable();
            $table->string('back_what', 20)->nullable();
            $table->index(['closed_at', 'number']);
            $table->index(['back_days', 'closed_at']);
            foreach (self::FACETS as $facet) {
                $table->index([$facet, 'closed_at', 'number']);
            }
        });
        Schema::create('record_sums', static function (Blueprint $table): void {
            $table->date('month');
            $table->string('facet', 20);
            $table->string('value', 80);
            foreach ([
                'jobs', 'gross', 'net', 'tax', 'part', 'consumables', 'planned', 'taken', 'timed', 'promised', 'kept',
                'failed', 'torn', 'ruined',
            ] as $sum) {
                $table->bigInteger($sum)->default(0);
            }
            $table->primary(['month', 'facet', 'value']);
        });
        Schema::create('minute_sums', static function (Blueprint $table): void {
            $table->string('kind', 40);
            $table->foreignId('user_id')->constrained('users');
            $table->string('family', 40);
            $table->bigInteger('count')->default(0);
            $table->bigInteger('sum')->default(0);
            $table->bigInteger('squares')->default(0);
            $table->bigInteger('interrupted')->default(0);
            $table->primary(['kind', 'user_id', 'family']);
        });
        Schema::create('window_sums', static function (Blueprint $table): void {
            $table->string('adhesive', 20);
            $table->string('state', 20);
            $table->mediumText('evidence');
            $table->primary(['adhesive', 'state']);
        });
        Schema::create('source_fits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->string('kind', 20);
            $table->dateTime('fitted_at');
            // W/(m²·K), with its 95 % interval, and how many readings it rests on.
            $table->double('coefficient');
            $table->double('low');
            $table->double('high');
            $table->unsignedInteger('used');
            $table->index(['kind', 'fitted_at']);
        });
        Schema::create('minute_figures', static function (Blueprint $table): void {
            $table->string('kind', 40)->primary();
            $table->double('times');
            $table->unsignedInteger('count');
            // One for all that were taken over together.
            $table->uuid('taken_as');
            $table->foreignId('taken_by')->constrained('users');
            $table->timestamps();
        });
        Schema::table('shop_settings', static function (Blueprint $table): void {
            $table->boolean('takes_over')->default(false);
        });
        Schema::create('figures', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('adhesive', 20);
            $table->string('state', 20);
            // K that the window lies off the estimate and may be off still, and how many times as fast a blade goes.
            $table->double('shift');
            $table->double('off');
            $table->double('pace');
            $table->unsignedInteger('jobs');
            $table->unsignedInteger('passes');
            $table->foreignId('taken_by')->constrained('users');
            $table->timestamps();
            $table->unique(['adhesive', 'state']);
        });
    }

    public function down(): void
    {
        Schema::table('shop_settings', static function (Blueprint $table): void {
            $table->dropColumn('takes_over');
        });
        foreach ([
            'figures', 'minute_figures', 'source_fits', 'window_sums', 'minute_sums', 'record_sums', 'job_facts',
        ] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
