<?php

declare(strict_types=1);

namespace App\Http\Phones;

use Illuminate\Foundation\Http\FormRequest;

/** What another hand thinks of a version of a phone file. */
final class ReviewRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['good' => ['required', 'boolean']];
    }
}
