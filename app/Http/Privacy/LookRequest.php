<?php

declare(strict_types=1);

namespace App\Http\Privacy;

use App\Privacy\KeepingTime;
use Illuminate\Foundation\Http\FormRequest;

/** A time that is only looked at. */
final class LookRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['months' => ['sometimes', 'integer', 'between:1,' . KeepingTime::LONGEST]];
    }
}
