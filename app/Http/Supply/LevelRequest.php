<?php

declare(strict_types=1);

namespace App\Http\Supply;

use App\Models\Stocked;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How much of a thing the shop wants to have. */
final class LevelRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $part = $this->input('of') === Stocked::Part->value;
        $tape = $this->input('of') === Stocked::Tape->value;

        return [
            'of' => ['required', Rule::enum(Stocked::class)],
            'version' => ['required', 'integer', 'min:0'],
            'phone' => $part ? ['required', 'string', 'max:60', 'regex:/^[a-z0-9-]+$/D'] : ['prohibited'],
            'kind' => $part ? ['required', Rule::enum(ReplacementKind::class)] : ['prohibited'],
            'width' => $tape ? ['required', 'numeric', 'between:0.5,20'] : ['prohibited'],
            'level' => ['present', 'nullable', 'numeric', 'between:0,10000'],
            'leadDays' => ['present', 'nullable', 'integer', 'between:0,365'],
        ];
    }

    public function of(): Stocked
    {
        return Stocked::from($this->string('of')->toString());
    }

    /** @return array{of: Stocked, phone: string, part: string, width: string} what it is a level of */
    public function thing(): array
    {
        return [
            'of' => $this->of(),
            'phone' => $this->string('phone')->toString(),
            'part' => $this->string('kind')->toString(),
            'width' => number_format($this->float('width'), 2, '.', ''),
        ];
    }

    /** @return array{level: string|null, lead_days: int|null} */
    public function level(): array
    {
        return [
            'level' => $this->filled('level') ? number_format($this->float('level'), 3, '.', '') : null,
            'lead_days' => $this->filled('leadDays') ? $this->integer('leadDays') : null,
        ];
    }
}
