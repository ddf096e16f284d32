<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\VersionedRequest;

final class CheckInRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'condition' => ['required', 'array']];
    }

    /** @return array<string, mixed> */
    public function condition(): array
    {
        /** @var array<string, mixed> */
        return $this->array('condition');
    }
}
