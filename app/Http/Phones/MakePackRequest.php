<?php

declare(strict_types=1);

namespace App\Http\Phones;

use Illuminate\Foundation\Http\FormRequest;

/** Which phone files go into a pack. */
final class MakePackRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'phones' => ['required', 'array', 'list', 'min:1', 'max:200'],
            'phones.*' => ['required', 'string', 'max:70'],
        ];
    }

    /** @return list<string> */
    public function phones(): array
    {
        return array_values(array_filter((array) $this->input('phones'), is_string(...)));
    }
}
