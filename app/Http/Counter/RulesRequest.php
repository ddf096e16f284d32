<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\VersionedRequest;

final class RulesRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'rules' => ['required', 'array']];
    }

    /** @return array<string, mixed> */
    public function shopRules(): array
    {
        /** @var array<string, mixed> */
        return $this->array('rules');
    }
}
