<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

use App\Models\DataSheet;
use App\Models\ShelfItem;

/** Writes the shelf as the list that the import reads. */
final readonly class Export
{
    private const CHUNK = 1000;

    /** @return \Generator<int, string> text in pieces, the heading first */
    public function of(): \Generator
    {
        yield CsvFile::line(...Columns::ALL);
        foreach (ShelfItem::query()->orderBy('id')->lazyById(self::CHUNK) as $item) {
            yield CsvFile::line(...$this->cells($item));
        }
    }

    /** @return list<string> */
    private function cells(ShelfItem $item): array
    {
        $sheet = DataSheet::data($item->offer()->sheet);
        $flag = static fn(float|int|bool|null $v): string => is_bool($v) ? ($v ? 'yes' : 'no') : (string) $v;

        return [
            $item->label,
            $item->name,
            $item->kind->value,
            implode(' ', $item->model_codes),
            (string) $item->connector,
            $item->technology->value ?? '',
            (string) $item->colour,
            (string) $item->refresh,
            $item->brings === null ? '' : ($item->brings === [] ? 'none' : implode(' ', $item->brings)),
            $item->supplier,
            $item->batch,
            $item->state->value,
            $item->place,
            (string) $item->cost,
            ...array_map($flag, array_values($sheet)),
        ];
    }
}
