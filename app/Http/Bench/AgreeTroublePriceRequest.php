<?php

declare(strict_types=1);

namespace App\Http\Bench;

/** What the customer agreed to, with the addition that was said. */
final class AgreeTroublePriceRequest extends TroublePriceRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'version' => ['required', 'integer', 'min:1'],
            'gross' => ['required', 'string', 'regex:/^\d{1,6}\.\d{2}$/'],
        ];
    }
}
