<?php

declare(strict_types=1);

namespace App\Http\Account;

use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:190'],
            'password' => ['required', 'string', 'max:200'],
            'code' => ['nullable', 'string', 'max:12'],
        ];
    }
}
