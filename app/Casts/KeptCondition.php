<?php

declare(strict_types=1);

namespace App\Casts;

use Facelift\Condition\ConditionForms;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * The condition as check-in kept it, in the form of today whenever it was kept.
 *
 * @implements CastsAttributes<array<string, mixed>, array<string, mixed>>
 */
final readonly class KeptCondition implements CastsAttributes
{
    /**
     * @param array<string, mixed> $attributes
     *
     * @return array<string, mixed>|null
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        $kept = is_string($value) ? json_decode($value, true, 64) : null;
        if (!is_array($kept)) {
            return null;
        }

        /** @var array<string, mixed> $kept */
        return (new ConditionForms())->forward($kept);
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR);
    }
}
