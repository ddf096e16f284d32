<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\VersionedRequest;

/** A typed name, and a signature as strokes in a box of 300 × 100. */
final class ReceiptRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'name' => ['required', 'string', 'min:2', 'max:80'],
            'strokes' => ['present', 'array', 'list', 'max:60'],
            'strokes.*' => ['array', 'list', 'min:2', 'max:500'],
            'strokes.*.*' => ['array', 'list', 'size:2'],
            'strokes.*.*.*' => ['numeric', 'between:-10,400'],
        ];
    }

    /** @return list<list<array{float, float}>> */
    public function strokes(): array
    {
        /** @var list<list<array{int|float|string, int|float|string}>> $strokes */
        $strokes = $this->validated('strokes');

        return array_map(
            static fn(array $stroke): array => array_map(
                static fn(array $p): array => [round((float) $p[0], 1), round((float) $p[1], 1)],
                $stroke,
            ),
            $strokes,
        );
    }
}
