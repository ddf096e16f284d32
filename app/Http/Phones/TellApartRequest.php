<?php

declare(strict_types=1);

namespace App\Http\Phones;

use Facelift\Anatomy\Feature;
use Illuminate\Foundation\Http\FormRequest;

final class TellApartRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'q' => ['nullable', 'string', 'max:60'],
            'answers' => ['nullable', 'array:' . implode(',', array_column(Feature::cases(), 'value'))],
            'answers.*' => ['string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function answers(): array
    {
        /** @var array<string, string> */
        return $this->array('answers');
    }
}
