<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\VersionedRequest;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Validation\Rule;

final class ChooseKindRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'kind' => ['required', Rule::enum(ReplacementKind::class)],
            'reason' => ['nullable', 'string', 'max:300'],
            'worth' => ['nullable', 'string', 'regex:/^\d{1,6}(\.\d{1,2})?$/'],
        ];
    }

    public function kind(): ReplacementKind
    {
        return ReplacementKind::from($this->string('kind')->toString());
    }

    /** What the phone is worth, decimal text. */
    public function worth(): ?string
    {
        return $this->filled('worth') ? $this->string('worth')->toString() : null;
    }

    public function reason(): ?string
    {
        return $this->filled('reason') ? $this->string('reason')->trim()->toString() : null;
    }
}
