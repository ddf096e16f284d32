<?php

declare(strict_types=1);

namespace App\Http\Counter;

use Illuminate\Foundation\Http\FormRequest;

/** What came by post, and where it goes back to. */
final class PostRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'came' => ['required', 'array', 'list', 'min:1', 'max:30'],
            'came.*' => ['required', 'string', 'distinct', 'max:80'],
            'address' => ['nullable', 'string', 'max:400'],
        ];
    }

    /** @return list<string> */
    public function came(): array
    {
        return array_values(array_filter((array) $this->input('came'), is_string(...)));
    }

    public function address(): ?string
    {
        return $this->filled('address') ? $this->string('address')->trim()->toString() : null;
    }
}
