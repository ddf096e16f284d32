<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\ShelfItem;
use App\Models\SupplierPrice;
use Illuminate\Support\Facades\Gate;

/** What the supplier last said, with its age and what went wrong since. */
final readonly class SupplierAnswer
{
    /** @return array<string, mixed> */
    public static function of(?SupplierPrice $row, string $currency): array
    {
        // What a part costs the shop is not for everybody.
        $sees = Gate::allows('seeCost', ShelfItem::class);

        return [
            'currency' => $currency,
            'goodAt' => $row?->good_at?->toIso8601ZuluString(),
            'askedAt' => $row?->asked_at->toIso8601ZuluString(),
            'fault' => $row?->fault?->value,
            'offers' => array_map(
                static fn(array $o): array => ['price' => $sees ? $o['price'] : null] + $o,
                $row->offers ?? [],
            ),
        ];
    }
}
