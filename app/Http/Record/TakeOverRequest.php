<?php

declare(strict_types=1);

namespace App\Http\Record;

use Illuminate\Foundation\Http\FormRequest;

/** What was learnt is to be used from now on. */
final class TakeOverRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid']];
    }
}
