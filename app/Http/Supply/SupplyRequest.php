<?php

declare(strict_types=1);

namespace App\Http\Supply;

use Facelift\Supply\SupplyKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A tube or a box as it is put on the shelf. */
final class SupplyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(SupplyKind::class)],
            'name' => ['required', 'string', 'min:2', 'max:60'],
            'make' => ['sometimes', 'nullable', 'string', 'max:60'],
            'left' => ['required', 'numeric', 'between:0,100000'],
        ];
    }

    /** @return array{kind: SupplyKind, name: string, make: string} as it is kept */
    public function supply(): array
    {
        return [
            'kind' => SupplyKind::from($this->string('kind')->toString()),
            'name' => $this->string('name')->trim()->toString(),
            'make' => $this->string('make')->trim()->toString(),
        ];
    }
}
