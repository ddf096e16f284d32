<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Pictures and parts lists lay beside the database, on one machine: they come into it, with their rows. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('photo_files', static function (Blueprint $table): void {
            $table->foreignUuid('photo_id')->primary()->constrained('job_photos')->cascadeOnDelete();
            $table->binary('jpeg');
        });
        Schema::create('list_texts', static function (Blueprint $table): void {
            $table->foreignUuid('import_id')->primary()->constrained('shelf_imports')->cascadeOnDelete();
            $table->binary('text');
        });
        DB::statement('ALTER TABLE photo_files MODIFY jpeg MEDIUMBLOB NOT NULL');
        DB::statement('ALTER TABLE list_texts MODIFY text MEDIUMBLOB NOT NULL');
        $folder = Config::string('facelift.photos');
        $this->bring(
            "$folder/%s.jpg",
            'job_photos',
            'photo_files',
            'photo_id',
            'jpeg',
        );
        $this->bring(
            "$folder/lists/%s.csv",
            'shelf_imports',
            'list_texts',
            'import_id',
            'text',
        );
    }

    private function bring(
        string $file,
        string $of,
        string $into,
        string $key,
        string $bytes,
    ): void {
        foreach (DB::table($of)->orderBy('id')->pluck('id') as $id) {
            $path = sprintf($file, is_string($id) ? $id : '');
            if (is_file($path)) {
                DB::table($into)->insert([$key => $id, $bytes => (string) file_get_contents($path)]);
                unlink($path);
            }
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('photo_files');
        Schema::dropIfExists('list_texts');
    }
};
