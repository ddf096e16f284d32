<?php

declare(strict_types=1);

namespace App\Record;

/** A cell of a row that the database answers: sums come as text. */
final readonly class Cell
{
    public static function int(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    public static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }

    public static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
