<?php

declare(strict_types=1);

namespace App\Http\Bench;

use Facelift\Proof\Gate;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class PhonePageRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['gate' => ['required', Rule::enum(Gate::class)]];
    }

    public function gate(): Gate
    {
        return Gate::from($this->string('gate')->toString());
    }
}
