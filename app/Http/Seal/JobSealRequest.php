<?php

declare(strict_types=1);

namespace App\Http\Seal;

use App\Http\VersionedRequest;
use Facelift\Geometry\Side;
use Facelift\Seal\Way;
use Illuminate\Validation\Rule;

/** Another way of bonding the new part, and what was measured before anything is peeled. */
final class JobSealRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $sides = [];
        foreach (Side::cases() as $side) {
            $sides['recess.' . $side->value] = ['sometimes', 'numeric', 'between:0.2,10'];
            $sides['residue.' . $side->value] = ['sometimes', 'numeric', 'between:0,10'];
        }

        return parent::rules() + $sides + [
            'way' => ['nullable', Rule::enum(Way::class)],
            'module' => ['nullable', 'numeric', 'between:0.2,10'],
            'recess' => ['sometimes', 'array:top,right,bottom,left'],
            'residue' => ['sometimes', 'array:top,right,bottom,left'],
        ];
    }

    /** @return array<string, mixed> as it is kept; what was not said is left out */
    public function seal(): array
    {
        $sides = fn(string $key): array => array_map(
            static fn(mixed $mm): float => is_numeric($mm) ? (float) $mm : 0.0,
            array_filter($this->array($key), static fn(mixed $mm): bool => $mm !== null),
        );
        $way = $this->enum('way', Way::class);

        return array_filter([
            'way' => $way?->value,
            'module' => $this->filled('module') ? $this->float('module') : null,
            'recess' => $sides('recess'),
            'residue' => $sides('residue'),
        ], static fn(mixed $v): bool => $v !== null && $v !== []);
    }
}
