<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\SupplierPrice;

/** What the supplier last said, with its age and what went wrong since. */
final readonly class SupplierAnswer
{
    /** @return array<string, mixed> */
    public static function of(?SupplierPrice $row, string $currency): array
    {
        return [
            'currency' => $currency,
            'goodAt' => $row?->good_at?->toIso8601ZuluString(),
            'askedAt' => $row?->asked_at->toIso8601ZuluString(),
            'fault' => $row?->fault?->value,
            'offers' => $row->offers ?? [],
        ];
    }
}
