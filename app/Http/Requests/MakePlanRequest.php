<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class MakePlanRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'source' => ['required', 'array']];
    }

    /** @return array<string, mixed> */
    public function source(): array
    {
        /** @var array<string, mixed> */
        return $this->array('source');
    }
}
