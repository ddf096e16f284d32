<?php

declare(strict_types=1);

namespace App\Http\Bench;

use Illuminate\Foundation\Http\FormRequest;

/** Which of the offers, under an id that the client has made. */
final class OrderPartRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid'], 'sku' => ['required', 'string', 'max:40']];
    }
}
