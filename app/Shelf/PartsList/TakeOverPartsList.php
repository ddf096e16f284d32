<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

use App\Exceptions\Conflict;
use App\Models\ImportState;
use App\Models\SearchText;
use App\Models\ShelfImport;
use App\Models\ShelfImportLine;
use App\Models\ShelfItem;
use App\Shelf\ShelfLabels;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Puts a checked list on the shelf: every line of it, or, if anything is wrong by now, none. */
final readonly class TakeOverPartsList
{
    private const CHUNK = 500;

    public function __construct(private ShelfLabels $labels) {}

    /** @throws Conflict If the list is not ready, or a label has been given to another part meanwhile. */
    public function __invoke(ShelfImport $import): ShelfImport
    {
        return DB::connection()->transaction(function () use ($import): ShelfImport {
            $locked = ShelfImport::query()->lockForUpdate()->findOrFail($import->id);
            if ($locked->state === ImportState::Done) {
                return $locked;
            }
            if ($locked->state !== ImportState::Ready) {
                throw Conflict::notReachable(
                    $locked->state === ImportState::Refused
                        ? 'The list has bad lines. Mend them and send it again.'
                        : 'The list is not checked to its end yet.',
                );
            }
            $taken = DB::table('shelf_import_lines')
                ->join('shelf_items', 'shelf_items.label', '=', 'shelf_import_lines.label')
                ->where('import_id', $locked->id)
                ->value('shelf_items.label');
            if (is_string($taken)) {
                throw Conflict::notReachable($taken . ' has been put on the shelf meanwhile. Nothing was taken over.');
            }
            ShelfImportLine::query()
                ->where('import_id', $locked->id)
                ->orderBy('id')
                ->chunkById(self::CHUNK, function ($lines) use ($locked): void {
                    $this->write(array_values($lines->all()), $locked);
                });
            $locked->update(['state' => ImportState::Done]);

            return $locked;
        });
    }

    /** @param list<ShelfImportLine> $lines */
    private function write(array $lines, ShelfImport $import): void
    {
        $without = array_filter($lines, static fn(ShelfImportLine $l): bool => ($l->item['label'] ?? null) === null);
        $labels = $this->labels->reserve(count($without), $import);
        $now = Carbon::now();
        $rows = [];
        $codes = [];
        foreach ($lines as $line) {
            $item = $line->item ?? [];
            unset($item['fits']);
            $item['label'] ??= array_shift($labels);
            $model = new ShelfItem($item);
            $model->search = SearchText::of(
                $model->label,
                $model->name,
                $model->supplier,
                $model->batch,
                $model->place,
                ...$model->model_codes,
            );
            $rows[] = ['created_at' => $now, 'updated_at' => $now] + $model->getAttributes();
            $codes[$model->label] = $model->model_codes;
        }
        ShelfItem::query()->insert($rows);
        $ids = ShelfItem::query()->whereIn('label', array_map(strval(...), array_keys($codes)))->pluck('id', 'label');
        $pairs = [];
        foreach ($codes as $label => $list) {
            foreach ($list as $code) {
                $pairs[] = ['item_id' => $ids[$label], 'code' => $code];
            }
        }
        DB::table('shelf_item_codes')->insert($pairs);
    }
}
