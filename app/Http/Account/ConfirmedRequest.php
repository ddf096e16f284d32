<?php

declare(strict_types=1);

namespace App\Http\Account;

use Illuminate\Foundation\Http\FormRequest;

/** Something that is asked with the present password. */
final class ConfirmedRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['current' => ['required', 'string', 'max:200']];
    }
}
