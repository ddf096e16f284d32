<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A JSON document that is written as its text and read as plain arrays: an empty map in it must not come back as a list.
 *
 * @implements CastsAttributes<array<string, mixed>, string>
 */
final readonly class JsonDocument implements CastsAttributes
{
    /**
     * @param array<string, mixed> $attributes
     *
     * @return array<string, mixed>|null
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        $decoded = is_string($value) ? json_decode($value, true, 64, JSON_THROW_ON_ERROR) : null;

        /** @var array<string, mixed>|null */
        return is_array($decoded) ? $decoded : null;
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return is_string($value) ? $value : null;
    }
}
