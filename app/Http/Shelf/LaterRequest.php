<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

final class LaterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'dueOn' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after_or_equal:today', 'before:+1 year'],
        ];
    }

    public function day(): Carbon
    {
        return Carbon::parse($this->string('dueOn')->toString());
    }
}
