<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

use App\Models\ImportState;
use App\Models\ShelfImport;
use App\Models\ShelfImportLine;
use App\Models\ShelfItem;
use App\Phones\PhoneLibrary;
use Illuminate\Support\Facades\DB;

/**
 * Checks the next lines of a parts list; asked again and again until all are through, so that progress can be shown.
 *
 * @phpstan-type Row array{
 *     import_id: string, line: int, cells: string, item: string, faults: string|null, label: string|null
 * }
 */
final readonly class CheckPartsList
{
    private const CHUNK = 1000;
    private const WRITE = 250;

    public function __construct(private ListStore $store, private PhoneLibrary $phones) {}

    public function __invoke(ShelfImport $import): ShelfImport
    {
        return DB::connection()->transaction(function () use ($import): ShelfImport {
            $locked = ShelfImport::query()->lockForUpdate()->findOrFail($import->id);
            if ($locked->state === ImportState::Checking) {
                $this->chunk($locked);
            }

            return $locked;
        });
    }

    private function chunk(ShelfImport $import): void
    {
        $r = $import->reading;
        $reading = new Reading(
            $r['encoding'],
            $r['separator'],
            $r['decimal'],
            $r['columns'],
            $r['unknown'],
        );
        $checker = new LineChecker($reading, $this->phones->all());
        $rows = [];
        $offset = $r['offset'] ?? 0;
        $line = $r['line'] ?? 1;
        $records = CsvFile::records($this->store->path($import->id), $reading->separator, $offset, $line);
        foreach ($records as [$cells, $began, $behind]) {
            if ($began > 1) {
                $rows[] = $this->row(
                    $import,
                    $checker,
                    $reading,
                    $cells,
                    $began,
                );
            }
            $offset = $behind;
            $line = $began + CsvFile::linesOf($cells);
            if (count($rows) >= self::CHUNK) {
                break;
            }
        }
        $rows = $this->withoutTwins($import, $rows);
        foreach (array_chunk($rows, self::WRITE) as $part) {
            ShelfImportLine::query()->insert($part);
        }
        $import->checked += count($rows);
        $import->bad += count(array_filter($rows, static fn(array $row): bool => $row['faults'] !== null));
        $import->reading = ['offset' => $offset, 'line' => $line] + $r;
        if ($import->checked >= $import->total) {
            $import->state = $import->bad === 0 ? ImportState::Ready : ImportState::Refused;
            $this->store->drop($import->id);
        }
        $import->save();
    }

    /**
     * @param list<string> $cells
     *
     * @return Row
     */
    private function row(
        ShelfImport $import,
        LineChecker $checker,
        Reading $reading,
        array $cells,
        int $line,
    ): array {
        $byColumn = [];
        foreach ($reading->columns as $at => $column) {
            if ($column !== '') {
                $byColumn[$column] = $cells[$at] ?? '';
            }
        }
        [$item, $faults] = $checker->check($byColumn);
        if (count($cells) > count($reading->columns)) {
            $faults['line'] = sprintf('has %d cells, the heading %d', count($cells), count($reading->columns));
        }
        $fits = $faults === [] ? $checker->fits($item) : [];
        $label = $item['label'];

        return [
            'import_id' => $import->id,
            'line' => $line,
            'cells' => json_encode($byColumn, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
            'item' => json_encode(
                $item + ['fits' => (object) $fits],
                JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
            ),
            'faults' => $faults === [] ? null : json_encode($faults, JSON_THROW_ON_ERROR),
            'label' => is_string($label) ? mb_substr($label, 0, 20) : null,
        ];
    }

    /**
     * A label may stand once, in the list and on the shelf.
     *
     * @param list<Row> $rows
     *
     * @return list<Row>
     */
    private function withoutTwins(ShelfImport $import, array $rows): array
    {
        $labels = array_values(array_filter(array_column($rows, 'label'), is_string(...)));
        $seen = array_fill_keys(
            array_map(self::folded(...), ShelfItem::query()->whereIn('label', $labels)->pluck('label')->all()),
            'is on the shelf already',
        );
        foreach (
            ShelfImportLine::query()
                ->where('import_id', $import->id)
                ->whereIn('label', $labels)
                ->get(['label', 'line']) as $before
        ) {
            $seen[self::folded($before->label)] = 'stands in line ' . $before->line . ' already';
        }
        foreach ($rows as $i => $row) {
            if ($row['label'] === null) {
                continue;
            }
            $key = self::folded($row['label']);
            if (isset($seen[$key])) {
                $faults = $row['faults'] === null ? [] : json_decode($row['faults'], true, 4, JSON_THROW_ON_ERROR);
                $rows[$i]['faults'] = json_encode(
                    ['label' => '"' . $row['label'] . '" ' . $seen[$key]] + (is_array($faults) ? $faults : []),
                    JSON_THROW_ON_ERROR,
                );
            }
            $seen[$key] ??= 'stands in line ' . $row['line'] . ' already';
        }

        return array_values($rows);
    }

    private static function folded(mixed $label): string
    {
        return mb_strtolower(is_scalar($label) ? (string) $label : '');
    }
}
