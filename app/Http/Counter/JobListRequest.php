<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\JobsFrom;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

/** Which jobs are asked for, and behind which one the page begins. */
final class JobListRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'q' => ['nullable', 'string', 'max:60'],
            'show' => ['nullable', 'in:current,closed'],
            'before' => ['nullable', 'integer', 'between:1,4000000000'],
            'closedAt' => ['nullable', 'integer', 'between:0,9000000000000'],
        ];
    }

    public function from(): ?JobsFrom
    {
        return $this->filled('before') ? new JobsFrom(
            $this->integer('before'),
            $this->filled('closedAt') ? Carbon::createFromTimestampMs($this->integer('closedAt')) : null,
        ) : null;
    }
}
