<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\VersionedRequest;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Validation\Rule;

final class AcceptQuoteRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'kind' => ['required', Rule::enum(ReplacementKind::class)],
            'item' => ['required', 'integer'],
            'gross' => ['required', 'string', 'regex:/^\d{1,6}\.\d{2}$/'],
            'warranty' => ['sometimes', 'boolean'],
        ];
    }
}
