<?php

declare(strict_types=1);

namespace Facelift\Quantity;

/** A text or a calculation that gives no amount of money. */
final class NotAnAmount extends \InvalidArgumentException
{
    private function __construct(string $message, public readonly string $value)
    {
        parent::__construct($message);
    }

    public static function text(string $value): self
    {
        return new self(\sprintf('"%s" is not an amount: write it like 12.50', $value), $value);
    }

    public static function step(string $value): self
    {
        return new self(\sprintf('a rounding step must be more than zero, not %s', $value), $value);
    }

    public static function dividedByZero(): self
    {
        return new self('an amount cannot be divided by zero', '0');
    }
}
