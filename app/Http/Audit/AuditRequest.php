<?php

declare(strict_types=1);

namespace App\Http\Audit;

use App\Models\About;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class AuditRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'before' => ['nullable', 'integer', 'between:1,9000000000000000'],
            'about' => ['nullable', Rule::enum(About::class)],
        ];
    }

    /** Only what was written down before this line. */
    public function before(): ?int
    {
        return $this->filled('before') ? $this->integer('before') : null;
    }

    public function about(): ?About
    {
        return $this->filled('about') ? About::from($this->string('about')->toString()) : null;
    }
}
