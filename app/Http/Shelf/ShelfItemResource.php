<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\DataSheet;
use App\Models\ShelfItem;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Gate;

/** @property ShelfItem $resource */
final class ShelfItemResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $item = $this->resource;

        return [
            'id' => $item->id,
            'label' => $item->label,
            'name' => $item->name,
            'kind' => $item->kind->value,
            'modelCodes' => $item->model_codes,
            'connector' => $item->connector,
            'technology' => $item->technology?->value,
            'colour' => $item->colour,
            'refresh' => $item->refresh,
            'brings' => $item->brings,
            'supplier' => $item->supplier,
            'batch' => $item->batch,
            'state' => $item->state,
            'place' => $item->place,
            'sheet' => DataSheet::data($item->offer()->sheet),
            'version' => $item->version,
            'countedAt' => $item->counted_at?->toIso8601ZuluString(),
            'cost' => Gate::allows('seeCost', ShelfItem::class) ? $item->cost : null,
            'taken' => $item->job?->tag(),
        ];
    }
}
