<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Forms;

/**
 * Values of an old document that is not checked yet: what is not of its kind is empty, and the reader finds it.
 *
 * @internal
 */
final readonly class Old
{
    /** @return array<mixed> */
    public static function map(mixed $value): array
    {
        return \is_array($value) ? $value : [];
    }

    /** @return list<array<mixed>> */
    public static function maps(mixed $value): array
    {
        return array_values(array_filter(self::map($value), \is_array(...)));
    }

    /** @return list<string> */
    public static function texts(mixed $value): array
    {
        return array_values(array_filter(self::map($value), \is_string(...)));
    }

    public static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }

    /** A text that says something; null if it is empty or none. */
    public static function said(mixed $value): ?string
    {
        return \is_string($value) && $value !== '' ? $value : null;
    }

    public static function number(mixed $value, float $else): float
    {
        return \is_int($value) || \is_float($value) ? (float) $value : $else;
    }
}
