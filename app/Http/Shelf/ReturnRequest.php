<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Http\VersionedRequest;
use Illuminate\Validation\Rule;

final class ReturnRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'state' => ['required', Rule::in(['open', 'sent', 'credited', 'refused'])]];
    }
}
