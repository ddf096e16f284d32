<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

/** The text of a parts list while it is being checked. */
final readonly class ListStore
{
    public function __construct(private string $folder) {}

    public function put(string $id, string $text): void
    {
        if (!is_dir($this->folder)) {
            mkdir($this->folder, 0o700, true);
        }
        file_put_contents($this->path($id), $text);
    }

    public function path(string $id): string
    {
        return $this->folder . '/' . $id . '.csv';
    }

    public function drop(string $id): void
    {
        if (is_file($this->path($id))) {
            unlink($this->path($id));
        }
    }
}
