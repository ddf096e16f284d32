<?php

declare(strict_types=1);

namespace App\Http\Counter;

use Illuminate\Foundation\Http\FormRequest;

final class LookRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['condition' => ['required', 'array']];
    }

    /** @return array<string, mixed> */
    public function condition(): array
    {
        /** @var array<string, mixed> */
        return $this->array('condition');
    }
}
