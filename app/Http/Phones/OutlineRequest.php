<?php

declare(strict_types=1);

namespace App\Http\Phones;

use Illuminate\Foundation\Http\FormRequest;

final class OutlineRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['svg' => ['required', 'string', 'max:500000']];
    }
}
