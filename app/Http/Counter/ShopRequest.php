<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\VersionedRequest;

final class ShopRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'settings' => ['required', 'array']];
    }

    /** @return array<string, mixed> */
    public function settings(): array
    {
        /** @var array<string, mixed> */
        return $this->array('settings');
    }
}
