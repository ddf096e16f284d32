<?php

declare(strict_types=1);

namespace App\Http\Counter;

use Illuminate\Foundation\Http\FormRequest;

final class PaymentRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'amount' => ['required', 'string', 'regex:/^\d{1,6}(\.\d{1,2})?$/', 'not_in:0,0.0,0.00'],
            'paidOn' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'before_or_equal:tomorrow'],
        ];
    }
}
