<?php

declare(strict_types=1);

namespace App\Http\Bench;

use Illuminate\Foundation\Http\FormRequest;

final class EndTransferRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['why' => ['required', 'string', 'min:5', 'max:200']];
    }

    public function why(): string
    {
        return $this->string('why')->trim()->toString();
    }
}
