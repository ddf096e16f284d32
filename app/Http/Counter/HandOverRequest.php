<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\VersionedRequest;
use Facelift\Bench\Stream;
use Illuminate\Validation\Rule;

final class HandOverRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'customerTold' => ['required', 'boolean'],
            'filmOff' => ['boolean'],
            'keepPhone' => ['sometimes', 'boolean'],
            'newFaultsReason' => ['nullable', 'string', 'max:300'],
            'oldParts' => ['sometimes', 'array', 'list', 'max:40'],
            'oldParts.*' => ['array:part,goes,place'],
            'oldParts.*.part' => ['required', 'string', 'max:80'],
            'oldParts.*.goes' => ['required', Rule::enum(Stream::class)],
            'oldParts.*.place' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return list<array{part: string, goes: Stream, place: string|null}> */
    public function oldParts(): array
    {
        $said = [];
        foreach ((array) $this->input('oldParts', []) as $one) {
            if (is_array($one) && is_string($one['part'] ?? null) && is_string($one['goes'] ?? null)) {
                $place = is_string($one['place'] ?? null) ? trim($one['place']) : null;
                $said[] = ['part' => $one['part'], 'goes' => Stream::from($one['goes']), 'place' => $place];
            }
        }

        return $said;
    }
}
