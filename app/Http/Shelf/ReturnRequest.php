<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Http\VersionedRequest;
use App\Models\ReturnState;
use Illuminate\Validation\Rule;

final class ReturnRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'state' => ['required', Rule::enum(ReturnState::class)]];
    }
}
