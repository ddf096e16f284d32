<?php

declare(strict_types=1);

namespace App\Http\Bench;

use Illuminate\Foundation\Http\FormRequest;

final class HeatSourceRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'name' => ['required', 'string', 'min:2', 'max:60'],
            'source' => ['required', 'array'],
            'fit' => ['nullable', 'array:coefficient,low,high'],
            'fit.coefficient' => ['required_with:fit', 'numeric', 'between:1,2000'],
            'fit.low' => ['required_with:fit', 'numeric', 'between:1,2000'],
            'fit.high' => ['required_with:fit', 'numeric', 'between:1,2000'],
        ];
    }

    /** @return array<string, mixed> */
    public function source(): array
    {
        /** @var array<string, mixed> */
        return $this->array('source');
    }

    /** @return array{coefficient: float, low: float, high: float}|null */
    public function fit(): ?array
    {
        return $this->filled('fit')
            ? [
                'coefficient' => $this->float('fit.coefficient'),
                'low' => $this->float('fit.low'),
                'high' => $this->float('fit.high'),
            ]
            : null;
    }
}
