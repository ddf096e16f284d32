<?php

declare(strict_types=1);

namespace App\Http\Day;

use App\Day\Away;
use Illuminate\Foundation\Http\FormRequest;

final class AbsenceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'person' => ['required', 'string', 'regex:/^\d{1,18}$/', 'exists:users,id'],
            'from' => ['required', 'integer', 'min:0'],
            'to' => ['required', 'integer', 'gt:from', 'max:4102444800000'],
        ];
    }

    public function away(): Away
    {
        return new Away(
            $this->string('person')->toString(),
            $this->integer('from'),
            $this->integer('to'),
        );
    }
}
