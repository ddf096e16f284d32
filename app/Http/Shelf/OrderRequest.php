<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use Illuminate\Foundation\Http\FormRequest;

final class OrderRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'sku' => ['required', 'string', 'max:40'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->toString();
    }

    public function sku(): string
    {
        return $this->string('sku')->toString();
    }
}
