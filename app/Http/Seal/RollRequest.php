<?php

declare(strict_types=1);

namespace App\Http\Seal;

use Illuminate\Foundation\Http\FormRequest;

/** A roll of tape as it is put on the shelf. */
final class RollRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'min:2', 'max:60'],
            'make' => ['sometimes', 'nullable', 'string', 'max:60'],
            'width' => ['required', 'numeric', 'between:0.5,20'],
            'thickness' => ['required', 'numeric', 'between:0.02,3'],
            'gives' => ['required', 'numeric', 'between:0,0.8'],
            'left' => ['required', 'numeric', 'between:0,200000'],
        ];
    }

    /**
     * What kind of tape, as it is kept.
     *
     * @return array{name: string, make: string, width: string, thickness: string, gives: string}
     */
    public function tape(): array
    {
        return [
            'name' => $this->string('name')->trim()->toString(),
            'make' => $this->string('make')->trim()->toString(),
            'width' => number_format($this->float('width'), 2, '.', ''),
            'thickness' => number_format($this->float('thickness'), 3, '.', ''),
            'gives' => number_format($this->float('gives'), 2, '.', ''),
        ];
    }
}
