<?php

declare(strict_types=1);

namespace App\Http\Bench;

use Facelift\Heat\Probe;
use Facelift\Heat\Reading;
use Illuminate\Validation\Rule;

final class RefitRequest extends HeatRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'readings' => ['required', 'array', 'list', 'min:1', 'max:20'],
            'readings.*.probe' => ['required', Rule::enum(Probe::class)],
            'readings.*.second' => ['required', 'numeric', 'between:1,1800'],
            'readings.*.celsius' => ['required', 'numeric', 'between:-20,250'],
        ];
    }

    /** @return non-empty-list<Reading> */
    public function readings(): array
    {
        /** @var non-empty-list<array{probe: string, second: int|float|string, celsius: int|float|string}> $rows */
        $rows = $this->validated('readings');

        return array_map(
            static fn(array $r): Reading => new Reading(
                Probe::from($r['probe']),
                (float) $r['second'],
                (float) $r['celsius'],
            ),
            $rows,
        );
    }
}
