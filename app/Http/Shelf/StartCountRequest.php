<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use Illuminate\Foundation\Http\FormRequest;

final class StartCountRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid']];
    }
}
