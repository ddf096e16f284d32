<?php

declare(strict_types=1);

namespace App\Http\Account;

use Illuminate\Foundation\Http\FormRequest;

/** A code of the second factor, as it is typed: blanks are no matter. */
final class CodeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:12']];
    }

    public function code(): string
    {
        return (string) preg_replace('/\s+/', '', $this->string('code')->toString());
    }
}
