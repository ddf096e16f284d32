<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\VersionedRequest;
use Illuminate\Support\Carbon;

/** The phone of a job that was opened before it came is here, or comes on another day. */
final class PhoneComesRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'comesOn' => [
                'bail',
                'present',
                'nullable',
                'string',
                'date_format:Y-m-d',
                'after_or_equal:today',
                'before:+1 year',
            ],
        ];
    }

    /** The day on which it comes; null if it is here. */
    public function day(): ?Carbon
    {
        return $this->filled('comesOn') ? Carbon::parse($this->string('comesOn')->toString()) : null;
    }
}
