<?php

declare(strict_types=1);

namespace App\Http\Record;

use App\Record\Period;
use App\Record\Question;
use Facelift\Record\Facet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is asked of the record: which share, by what, and of which months. */
final class RecordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'question' => ['sometimes', 'string', Rule::enum(Question::class)],
            'facet' => ['sometimes', 'string', Rule::enum(Facet::class)],
            'value' => ['sometimes', 'nullable', 'string', 'max:80'],
            'from' => ['sometimes', 'string', 'date_format:Y-m', 'after_or_equal:2000-01'],
            'to' => ['sometimes', 'string', 'date_format:Y-m', 'before:2100-01', 'after_or_equal:from'],
            'month' => ['sometimes', 'string', 'date_format:Y-m', 'after_or_equal:2000-01', 'before:2100-01'],
            'days' => ['sometimes', 'integer', 'between:1,1500'],
            'hits' => ['sometimes', 'boolean'],
            'before' => ['sometimes', 'integer', 'between:1,4000000000'],
        ];
    }

    public function period(): Period
    {
        $days = $this->filled('days') ? $this->integer('days') : null;

        return Period::of($this->month('from'), $this->month('to'), $days);
    }

    public function month(string $key): ?string
    {
        return $this->filled($key) ? $this->string($key)->toString() : null;
    }

    public function question(): Question
    {
        return $this->enum('question', Question::class) ?? Question::Comebacks;
    }

    public function facet(): Facet
    {
        return $this->enum('facet', Facet::class) ?? Facet::All;
    }

    public function before(): ?int
    {
        return $this->filled('before') ? $this->integer('before') : null;
    }
}
