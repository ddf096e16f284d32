<?php

declare(strict_types=1);

namespace App\Http\Day;

use App\Day\Away;
use App\Day\DayChange;
use Illuminate\Foundation\Http\FormRequest;

/** One change: of a phone, of somebody who leaves, or of somebody who is back. */
final class PreviewRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'place' => ['required_without_all:away,back', 'array'],
            'place.job' => ['required_with:place', 'uuid'],
            'place.at' => ['nullable', 'integer', 'min:0', 'max:4102444800000'],
            'place.firm' => ['required_with:place', 'boolean'],
            'away' => ['array'],
            'away.person' => ['required_with:away', 'string', 'regex:/^\d{1,18}$/'],
            'away.from' => ['required_with:away', 'integer', 'min:0'],
            'away.to' => ['required_with:away', 'integer', 'gt:away.from', 'max:4102444800000'],
            'back' => ['uuid'],
        ];
    }

    public function change(): DayChange
    {
        if ($this->has('back')) {
            return DayChange::comesBack($this->string('back')->toString());
        }
        if ($this->has('away')) {
            return DayChange::leaves(new Away(
                $this->string('away.person')->toString(),
                $this->integer('away.from'),
                $this->integer('away.to'),
            ));
        }

        return DayChange::ofJob(
            $this->string('place.job')->toString(),
            $this->input('place.at') === null ? null : $this->integer('place.at'),
            $this->boolean('place.firm'),
        );
    }
}
