<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\VersionedRequest;

final class RefuseQuoteRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'reason' => ['required', 'string', 'min:3', 'max:300']];
    }
}
