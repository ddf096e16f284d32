<?php

declare(strict_types=1);

namespace App\Http\Phones;

use Illuminate\Foundation\Http\FormRequest;

/** A phone file as the workbench sends it; what is in it is judged by its own reader. */
final class PhoneFileRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['document' => ['required', 'array'], 'version' => ['sometimes', 'integer', 'min:0']];
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        /** @var array<string, mixed> */
        return $this->array('document');
    }
}
