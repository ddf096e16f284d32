<?php

declare(strict_types=1);

namespace App\Http\Privacy;

use App\Http\VersionedRequest;
use App\Privacy\KeepingTime;

/** How long customers' details are kept after a phone has left. */
final class KeepingTimeRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'keepMonths' => ['required', 'integer', 'between:1,' . KeepingTime::LONGEST]];
    }

    public function months(): int
    {
        return $this->integer('keepMonths');
    }
}
