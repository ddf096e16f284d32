<?php

declare(strict_types=1);

namespace App\Models;

/** The text that a row is found by, and the words of a query against it. */
final readonly class SearchText
{
    private const LONGEST = 400;

    public static function of(string ...$texts): string
    {
        return mb_substr(implode(' ', array_filter($texts, static fn(string $t): bool => $t !== '')), 0, self::LONGEST);
    }

    /** @return list<string> the words that the index knows: three letters or digits at least */
    public static function words(string $query): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', $query, $found);

        return array_values(array_filter($found[0], static fn(string $w): bool => mb_strlen($w) >= 3));
    }

    /**
     * Every word of the query as the beginning of a word in the text, for MariaDB's boolean mode.
     *
     * @return string|null null if the query holds no word that the index knows (three letters or digits at least)
     */
    public static function boolean(string $query): ?string
    {
        $words = self::words($query);

        return $words === [] ? null : implode(' ', array_map(static fn(string $w): string => '+' . $w . '*', $words));
    }
}
