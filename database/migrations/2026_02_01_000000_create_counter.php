<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    private const TABLES = [
        'shelf_item_codes',
        'glass_tries',
        'claim_payments',
        'claims',
        'shelf_count_lines',
        'shelf_counts',
        'shelf_import_lines',
        'shelf_imports',
        'supplier_returns',
        'supplier_prices',
        'job_photos',
        'shop_rules',
    ];

    public function up(): void
    {
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->foreignUuid('comeback_of')->nullable()->constrained('repair_jobs');
            $table->decimal('worth', 10, 2)->nullable();
            $table->json('receipt')->nullable();
            $table->longText('quote')->nullable();
            $table->dateTime('accepted_at')->nullable();
            $table->string('closed_as', 20)->nullable();
            $table->string('closed_reason', 300)->nullable();
            $table->string('search', 400)->default('')->fulltext();
            $table->index(['handed_over_at', 'number']);
        });
        Schema::table('shelf_items', static function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1);
            $table->decimal('cost', 10, 2)->nullable();
            $table->json('sheet')->nullable();
            $table->dateTime('counted_at')->nullable();
            $table->string('search', 400)->default('')->fulltext();
            $table->index(['state', 'id']);
        });
        $this->counter();
        $this->shelf();
        $this->money();
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('shelf_items', static function (Blueprint $table): void {
            $table->dropIndex(['state', 'id']);
            $table->dropColumn(['version', 'cost', 'sheet', 'counted_at', 'search']);
        });
        Schema::table('repair_jobs', static function (Blueprint $table): void {
            $table->dropForeign(['comeback_of']);
            $table->dropIndex(['handed_over_at', 'number']);
            $table->dropColumn([
                'comeback_of',
                'worth',
                'receipt',
                'quote',
                'accepted_at',
                'closed_as',
                'closed_reason',
                'search',
            ]);
        });
    }

    private function counter(): void
    {
        Schema::create('job_photos', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->constrained('repair_jobs');
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->foreignId('taken_by')->constrained('users');
            $table->timestamps();
        });
        Schema::create('shop_rules', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('version')->default(1);
            $table->json('rules');
            $table->timestamps();
        });
        Schema::create('glass_tries', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->nullable()->unique()->constrained('repair_jobs');
            $table->boolean('whole');
            $table->timestamps();
        });
    }

    private function shelf(): void
    {
        // A part is found by any model code it is sold for, without reading the whole shelf.
        Schema::create('shelf_item_codes', static function (Blueprint $table): void {
            $table->foreignId('item_id')->constrained('shelf_items')->cascadeOnDelete();
            $table->string('code', 40);
            $table->primary(['item_id', 'code']);
            $table->index('code');
        });
        Schema::create('supplier_prices', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 40);
            $table->string('kind', 40);
            $table->json('offers')->nullable();
            $table->dateTime('good_at')->nullable();
            $table->dateTime('asked_at');
            $table->string('fault', 120)->nullable();
            $table->unique(['code', 'kind']);
        });
        Schema::create('supplier_returns', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('item_id')->constrained('shelf_items');
            $table->foreignUuid('job_id')->nullable()->constrained('repair_jobs');
            $table->string('reason', 300);
            $table->string('state', 20)->index();
            $table->unsignedInteger('version')->default(1);
            $table->foreignId('opened_by')->constrained('users');
            $table->timestamps();
        });
        Schema::create('shelf_imports', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('name', 120);
            $table->string('state', 20);
            $table->json('reading');
            $table->unsignedInteger('total');
            $table->unsignedInteger('checked')->default(0);
            $table->unsignedInteger('bad')->default(0);
            $table->foreignId('user_id')->constrained('users');
            $table->timestamps();
        });
        Schema::create('shelf_import_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('import_id')->constrained('shelf_imports')->cascadeOnDelete();
            $table->unsignedInteger('line');
            $table->json('cells');
            $table->json('item')->nullable();
            $table->json('faults')->nullable();
            $table->string('label', 20)->nullable();
            $table->index(['import_id', 'line']);
            $table->index(['import_id', 'label']);
        });
        Schema::create('shelf_counts', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('user_id')->constrained('users');
            $table->dateTime('closed_at')->nullable();
            $table->timestamps();
        });
        Schema::create('shelf_count_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('count_id')->constrained('shelf_counts')->cascadeOnDelete();
            $table->string('label', 20);
            $table->foreignId('item_id')->nullable()->constrained('shelf_items');
            $table->unique(['count_id', 'label']);
        });
    }

    private function money(): void
    {
        Schema::create('claims', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            // One claim at most stands for a job.
            $table->foreignUuid('job_id')->unique()->constrained('repair_jobs');
            $table->string('policy', 40);
            $table->decimal('asked', 10, 2);
            $table->decimal('authorised', 10, 2)->nullable();
            $table->string('reference', 40)->nullable();
            $table->string('state', 20)->index();
            $table->date('due_on')->nullable()->index();
            $table->timestamps();
        });
        Schema::create('claim_payments', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('claim_id')->constrained('claims');
            $table->decimal('amount', 10, 2);
            $table->date('paid_on');
            $table->foreignId('user_id')->constrained('users');
            $table->timestamps();
        });
    }
};
