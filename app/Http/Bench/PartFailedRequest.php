<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\VersionedRequest;

final class PartFailedRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'id' => ['required', 'uuid'],
            'reason' => ['required', 'string', 'min:3', 'max:300'],
        ];
    }
}
