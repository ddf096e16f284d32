<?php

declare(strict_types=1);

namespace App\Http\Record;

use Illuminate\Foundation\Http\FormRequest;

/** Learnt minutes that are to be used from now on. */
final class MinutesRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid']];
    }
}
