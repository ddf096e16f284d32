<?php

declare(strict_types=1);

namespace App\Http;

use Facelift\Document\Reason;

/** Coded reasons as the page gets them. */
final readonly class Reasons
{
    /**
     * @param list<Reason> $reasons
     *
     * @return list<array{code: string, figures: array<string, string|float|int>|\stdClass}>
     */
    public static function of(array $reasons): array
    {
        return array_map(static fn(Reason $r): array => $r->toArray(), $reasons);
    }
}
