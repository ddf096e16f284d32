<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\RollCut;
use App\Models\SupplyUse;
use Facelift\Supply\SupplyKind;

/** The make of what a step laid, as it was told when it was taken from the shelf. */
final readonly class SealedWith
{
    /** More are not told apart. */
    private const LONGEST = 80;

    /** @return string one make, or several with a plus between them; empty if nobody said, or it came with the part */
    public static function of(string $event): string
    {
        $tape = RollCut::query()->where('event_id', $event)->pluck('make');
        $glue = SupplyUse::query()->where('event_id', $event)->where('kind', SupplyKind::Glue)->pluck('make');
        $makes = $tape->concat($glue)
            ->map(static fn(mixed $make): string => Cell::text($make))
            ->filter(static fn(string $make): bool => $make !== '')
            ->unique()
            ->sort();

        return mb_substr($makes->implode(' + '), 0, self::LONGEST);
    }
}
