<?php

declare(strict_types=1);

namespace App\Http\Privacy;

use Illuminate\Foundation\Http\FormRequest;

/** A customer by the name as it was written down. */
final class CustomerRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['customer' => ['required', 'string', 'max:80']];
    }

    public function customer(): string
    {
        return $this->string('customer')->toString();
    }
}
