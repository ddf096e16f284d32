<?php

declare(strict_types=1);

namespace App\Http\Phones;

use Illuminate\Foundation\Http\FormRequest;

/** The text of a phone file, as it was opened. */
final class PhoneTextRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['fileText' => ['required', 'string', 'max:2000000']];
    }

    public function text(): string
    {
        $text = $this->input('fileText');

        return is_string($text) ? $text : '';
    }
}
