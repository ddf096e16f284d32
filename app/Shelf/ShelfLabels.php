<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\ShelfImport;
use App\Models\ShelfImportLine;
use App\Models\ShelfItem;

/** Labels of parts that come without one: `S-` and the next number. */
final readonly class ShelfLabels
{
    private const NUMBER = 'max(cast(substring(label, 3) as unsigned)) as last';

    public static function of(int $number): string
    {
        return sprintf('S-%03d', $number);
    }

    /** The lowest number above every label on the shelf. Call it inside the transaction that uses it. */
    public function next(): int
    {
        return self::after(
            ShelfItem::query()->where('label', 'like', 'S-%')->selectRaw(self::NUMBER)->lockForUpdate()->value('last'),
        );
    }

    /** The lowest number above every label that a list brings along. */
    public function above(ShelfImport $import): int
    {
        return self::after(
            ShelfImportLine::query()
                ->where('import_id', $import->id)
                ->where('label', 'like', 'S-%')
                ->selectRaw(self::NUMBER)
                ->value('last'),
        );
    }

    private static function after(mixed $last): int
    {
        return (is_numeric($last) ? (int) $last : 0) + 1;
    }
}
