<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class RefuseQuoteRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'reason' => ['required', 'string', 'min:3', 'max:300']];
    }
}
