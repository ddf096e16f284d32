<?php

declare(strict_types=1);

namespace App\Http\Counter;

use Illuminate\Foundation\Http\FormRequest;

final class ClaimRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'policy' => ['required', 'string', 'min:3', 'max:40', 'regex:/^[A-Za-z0-9 \/-]+$/'],
            'amount' => ['required', 'string', 'regex:/^\d{1,6}\.\d{2}$/'],
        ];
    }
}
