<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use Illuminate\Foundation\Http\FormRequest;

/** Something else came than was ordered, and what is wrong with it. */
final class WrongPartRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid'], 'reason' => ['required', 'string', 'min:3', 'max:300']];
    }
}
