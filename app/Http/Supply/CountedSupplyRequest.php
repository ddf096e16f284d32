<?php

declare(strict_types=1);

namespace App\Http\Supply;

use Illuminate\Foundation\Http\FormRequest;

/** What is left of a supply in fact, and what the page showed when it was counted. */
final class CountedSupplyRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'left' => ['required', 'numeric', 'between:0,100000'],
            'shown' => ['required', 'numeric', 'between:0,100000'],
        ];
    }
}
