<?php

declare(strict_types=1);

namespace App\Http\Bench;

use Illuminate\Foundation\Http\FormRequest;

/** What a further part costs the shop, and the minutes of work that it asks for. */
class TroublePriceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'cost' => ['required', 'string', 'regex:/^\d{1,6}(\.\d{1,2})?$/'],
            'minutes' => ['required', 'integer', 'min:0', 'max:480'],
        ];
    }

    public function cost(): string
    {
        return $this->string('cost')->toString();
    }
}
