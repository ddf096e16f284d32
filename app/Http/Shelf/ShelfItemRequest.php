<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\DataSheet;
use App\Models\PartState;
use App\Models\ShelfItem;
use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

final class ShelfItemRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => [$this->isMethod('PUT') ? 'required' : 'sometimes', 'integer'],
            'label' => ['nullable', 'string', 'max:20', 'regex:/^[A-Za-z0-9][A-Za-z0-9-]*$/'],
            'name' => ['required', 'string', 'max:120'],
            'kind' => ['required', Rule::enum(ReplacementKind::class)],
            'modelCodes' => ['required', 'array', 'list', 'min:1', 'max:20'],
            'modelCodes.*' => ['string', 'max:40', 'regex:/^\S+$/'],
            'connector' => ['nullable', 'string', 'max:40'],
            'technology' => ['nullable', Rule::enum(PanelTechnology::class)],
            'colour' => ['nullable', 'string', 'max:40'],
            'refresh' => ['nullable', 'integer', 'between:30,500'],
            'brings' => ['nullable', 'array', 'list', 'max:20'],
            'brings.*' => ['string', 'max:40'],
            'supplier' => ['required', 'string', 'max:80'],
            'batch' => ['required', 'string', 'max:40'],
            'state' => ['required', Rule::enum(PartState::class)->only(PartState::BY_HAND)],
            'place' => ['required', 'string', 'max:40'],
            'cost' => ['nullable', 'string', 'regex:/^\d{1,6}(\.\d{1,2})?$/'],
            'sheet' => ['nullable', 'array:' . implode(',', array_keys(DataSheet::FIELDS))],
            'sheet.width' => ['nullable', 'numeric', 'between:1,400'],
            'sheet.height' => ['nullable', 'numeric', 'between:1,400'],
            'sheet.thickness' => ['nullable', 'numeric', 'between:0.1,20'],
            'sheet.pixelsWide' => ['nullable', 'integer', 'between:100,10000'],
            'sheet.pixelsHigh' => ['nullable', 'integer', 'between:100,10000'],
            'sheet.stylusLayer' => ['nullable', 'boolean'],
            'sheet.readerThrough' => ['nullable', 'boolean'],
            'sheet.memory' => ['nullable', 'boolean'],
            'sheet.chipPlace' => ['nullable', 'boolean'],
            'sheet.pulled' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, mixed> as the model keeps it */
    public function item(): array
    {
        /** @var array<string, mixed> $in */
        $in = $this->validated();

        return [
            'label' => $in['label'] ?? null,
            'name' => $in['name'],
            'kind' => $in['kind'],
            'model_codes' => $in['modelCodes'],
            'connector' => $in['connector'] ?? null,
            'technology' => $in['technology'] ?? null,
            'colour' => $in['colour'] ?? null,
            'refresh' => $in['refresh'] ?? null,
            'brings' => $in['brings'] ?? null,
            'supplier' => $in['supplier'],
            'batch' => $in['batch'],
            'state' => $in['state'],
            'place' => $in['place'],
            'sheet' => $in['sheet'] ?? null,
        ] + (array_key_exists('cost', $in) && Gate::allows('seeCost', ShelfItem::class) ? ['cost' => $in['cost']] : []);
    }
}
