<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class MakePlanRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'set' => ['required', 'numeric', 'between:30,120']];
    }
}
