<?php

declare(strict_types=1);

namespace App\Http\Record;

use Illuminate\Foundation\Http\FormRequest;

/** Whether what is learnt is used by itself. */
final class BySelfRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['bySelf' => ['required', 'boolean']];
    }
}
