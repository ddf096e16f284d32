<?php

declare(strict_types=1);

namespace App\Supply;

/** A column of a row that no model was made of. */
final readonly class Text
{
    public static function of(mixed $column): string
    {
        return is_scalar($column) ? (string) $column : '';
    }
}
