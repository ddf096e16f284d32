<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\VersionedRequest;

final class HandOverRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'customerTold' => ['required', 'boolean'],
            'filmOff' => ['boolean'],
            'newFaultsReason' => ['nullable', 'string', 'max:300'],
        ];
    }
}
