<?php

declare(strict_types=1);

namespace Facelift\Quantity;

/** A figure lies outside what the quantity can be. */
final class OutOfRange extends \RangeException
{
    private function __construct(string $message, public readonly float $value)
    {
        parent::__construct($message);
    }

    public static function of(string $what, float $value, float $min, float $max): self
    {
        return new self(
            \sprintf(
                '%s is %s, must lie between %s and %s',
                $what,
                (string) $value,
                (string) $min,
                (string) $max,
            ),
            $value,
        );
    }
}
