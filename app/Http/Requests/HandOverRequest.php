<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class HandOverRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'customerTold' => ['required', 'boolean'], 'filmOff' => ['boolean'], 'newFaultsReason' => ['nullable', 'string', 'max:300']];
    }
}
