<?php

declare(strict_types=1);

namespace App\Http\Account;

use Illuminate\Foundation\Http\FormRequest;

/** The PIN of whoever takes over. */
final class TakeOverRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['pin' => ['required', 'string', 'max:8']];
    }
}
