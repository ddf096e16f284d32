<?php

declare(strict_types=1);

namespace App\Http\Account;

use Illuminate\Foundation\Http\FormRequest;

/** A new password; with the present one, unless an invitation is shown. */
final class PasswordRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'current' => $this->user() === null ? ['prohibited'] : ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'min:10', 'max:200'],
        ];
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
