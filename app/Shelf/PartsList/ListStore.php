<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

use Illuminate\Support\Facades\DB;

/** The text of a parts list while it is being checked: in the database, and in a file for whoever reads it. */
final class ListStore
{
    /** @var list<string> files that last as long as this */
    private array $files = [];

    public function __destruct()
    {
        array_map(unlink(...), $this->files);
    }

    public function put(string $import, string $text): void
    {
        DB::table('list_texts')->insert(['import_id' => $import, 'text' => $text]);
    }

    /**
     * Path of a file with the text.
     *
     * @throws UnreadableList If it is no longer here.
     */
    public function path(string $import): string
    {
        $text = DB::table('list_texts')->where('import_id', $import)->value('text');

        return is_string($text)
            ? $this->written($text)
            : throw UnreadableList::because('It is no longer here: send it again.');
    }

    /** Path of a file with a text that is not kept yet. */
    public function written(string $text): string
    {
        $file = tempnam(sys_get_temp_dir(), 'facelift-list');
        if ($file === false || file_put_contents($file, $text) === false) {
            throw new \RuntimeException('no file can be written');
        }
        $this->files[] = $file;

        return $file;
    }

    public function drop(string $import): void
    {
        DB::table('list_texts')->where('import_id', $import)->delete();
    }
}
