<?php

declare(strict_types=1);

namespace App\Http\Counter;

use Illuminate\Foundation\Http\FormRequest;

final class RulesEffectRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['rules' => ['required', 'array']];
    }

    /** @return array<string, mixed> */
    public function shopRules(): array
    {
        /** @var array<string, mixed> */
        return $this->array('rules');
    }
}
