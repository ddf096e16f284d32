<?php

declare(strict_types=1);

namespace Facelift\Quantity;

/** A span of time in seconds, zero or more. */
final readonly class Duration
{
    private function __construct(public float $seconds) {}

    /** @throws OutOfRange If negative or not finite. */
    public static function seconds(float $seconds): self
    {
        if (!is_finite($seconds) || $seconds < 0) {
            throw OutOfRange::of('duration', $seconds, 0, \INF);
        }

        return new self($seconds);
    }

    public static function minutes(float $minutes): self
    {
        return self::seconds($minutes * 60);
    }

    public static function none(): self
    {
        return new self(0.0);
    }

    public function plus(self $other): self
    {
        return new self($this->seconds + $other->seconds);
    }

    /** Whole seconds, rounded up: a timer never ends early. */
    public function wholeSeconds(): int
    {
        return (int) ceil($this->seconds - 1e-9);
    }
}
