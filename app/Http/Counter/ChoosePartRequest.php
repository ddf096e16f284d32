<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\VersionedRequest;

final class ChoosePartRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'item' => ['required', 'integer']];
    }
}
