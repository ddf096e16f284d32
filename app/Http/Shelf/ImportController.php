<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\ImportState;
use App\Models\ShelfImport;
use App\Models\ShelfImportLine;
use App\Models\User;
use App\Shelf\PartsList\CheckPartsList;
use App\Shelf\PartsList\ReadPartsList;
use App\Shelf\PartsList\TakeOverPartsList;
use Illuminate\Http\JsonResponse;

final readonly class ImportController
{
    private const PREVIEW = 50;
    private const MOST_BAD = 500;

    public function store(ImportRequest $request, ReadPartsList $read): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $import = $read($user, $request->string('id')->lower()->toString(), $request->name(), $request->bytes());

        return new JsonResponse($this->row($import), $import->wasRecentlyCreated ? 201 : 200);
    }

    public function show(ShelfImport $import): JsonResponse
    {
        return new JsonResponse($this->row($import));
    }

    public function check(ShelfImport $import, CheckPartsList $check): JsonResponse
    {
        return new JsonResponse($this->row($check($import)));
    }

    public function commit(ShelfImport $import, TakeOverPartsList $take): JsonResponse
    {
        return new JsonResponse($this->row($take($import)));
    }

    /** @return array<string, mixed> */
    private function row(ShelfImport $import): array
    {
        $r = $import->reading;
        $checked = $import->state !== ImportState::Checking;

        return [
            'id' => $import->id,
            'name' => $import->name,
            'state' => $import->state,
            'total' => $import->total,
            'checked' => $import->checked,
            'bad' => $import->bad,
            'encoding' => $r['encoding'],
            'separator' => $r['separator'],
            'decimal' => $r['decimal'],
            'columns' => array_values(array_filter($r['columns'], static fn(string $c): bool => $c !== '')),
            'unknown' => $r['unknown'],
            'faults' => $checked
                ? ShelfImportLine::query()
                    ->where('import_id', $import->id)
                    ->whereNotNull('faults')
                    ->orderBy('line')
                    ->limit(self::MOST_BAD)
                    ->get()
                    ->map($this->bad(...))
                    ->all()
                : [],
            'preview' => $checked
                ? ShelfImportLine::query()
                    ->where('import_id', $import->id)
                    ->whereNull('faults')
                    ->orderBy('line')
                    ->limit(self::PREVIEW)
                    ->get()
                    ->map($this->good(...))
                    ->all()
                : [],
        ];
    }

    /** @return array<string, mixed> */
    private function bad(ShelfImportLine $line): array
    {
        $faults = $line->faults ?? [];

        return [
            'line' => $line->line,
            'name' => $line->cells['name'] ?? '',
            'faults' => array_map(
                static fn(string $column): array => ['column' => $column, 'reason' => $faults[$column]],
                array_keys($faults),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function good(ShelfImportLine $line): array
    {
        $item = $line->item ?? [];
        $fits = is_array($item['fits'] ?? null) ? $item['fits'] : [];

        return [
            'line' => $line->line,
            'name' => $item['name'] ?? '',
            'kind' => $item['kind'] ?? '',
            'fits' => array_map(
                static fn(int|string $where): array => ['phone' => (string) $where, 'verdict' => $fits[$where]],
                array_keys($fits),
            ),
        ];
    }
}
