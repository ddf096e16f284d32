<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Document\Reason;

/**
 * Maps and reasons as they are written: a map that is empty, or whose names are numbers, must not become a JSON list.
 *
 * @internal
 */
final readonly class Maps
{
    /**
     * @param array<string, string|float|int> $map
     *
     * @return array<string, string|float|int>|\stdClass
     */
    public static function of(array $map): array|\stdClass
    {
        return $map === [] || isset($map[0]) ? (object) $map : $map;
    }

    /**
     * @param list<Reason> $reasons
     *
     * @return list<array{code: string, figures: array<string, string|float|int>|\stdClass}>
     */
    public static function reasons(array $reasons): array
    {
        return array_map(static fn(Reason $r): array => $r->toArray(), $reasons);
    }
}
