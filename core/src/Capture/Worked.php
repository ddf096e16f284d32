<?php

declare(strict_types=1);

namespace Facelift\Capture;

use Facelift\Anatomy\Rests;

/** What a repair has shown of a phone file: whatever came off was there. */
final readonly class Worked
{
    /**
     * @param array<string, mixed> $document the phone file that was worked from
     * @param list<string>         $handled  ids of elements that really came off, out or apart
     *
     * @return array<string, mixed> the same, with them seen; screws that were handled are as many as are drawn
     */
    public static function on(array $document, array $handled): array
    {
        $footing = \is_array($document['footing'] ?? null) ? $document['footing'] : null;
        if ($footing === null) {
            return $document;
        }
        $elements = [];
        foreach (\is_array($footing['elements'] ?? null) ? $footing['elements'] : [] as $row) {
            $seen = \is_array($row)
                && ($row['rests'] ?? null) === Rests::Assumed->value
                && \in_array($row['of'] ?? null, $handled, true);
            $elements[] = $seen ? array_replace($row, ['rests' => Rests::Seen->value]) : $row;
        }
        $known = static fn(mixed $row): bool => \is_array($row) && \in_array($row['of'] ?? null, $handled, true);
        $screws = \is_array($footing['screws'] ?? null) ? $footing['screws'] : [];

        return array_replace($document, ['footing' => array_replace($footing, [
            'elements' => $elements,
            'screws' => array_values(array_filter($screws, static fn(mixed $row): bool => !$known($row))),
        ])]);
    }
}
