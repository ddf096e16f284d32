<?php

declare(strict_types=1);

namespace App\Http\Day;

use App\Http\VersionedRequest;

final class PlaceRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'at' => ['present', 'nullable', 'integer', 'min:0', 'max:4102444800000'],
            'firm' => ['required', 'boolean'],
        ];
    }

    /** ms since 1970; null if whenever it can */
    public function at(): ?int
    {
        return $this->input('at') === null ? null : $this->integer('at');
    }
}
