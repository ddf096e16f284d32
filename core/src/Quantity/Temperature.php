<?php

declare(strict_types=1);

namespace Facelift\Quantity;

/** A temperature. Stored in degrees Celsius; any finite value above absolute zero. */
final readonly class Temperature
{
    private const ABSOLUTE_ZERO = -273.15;

    private function __construct(public float $celsius) {}

    /** @throws OutOfRange If the value is below absolute zero or not finite. */
    public static function celsius(float $celsius): self
    {
        if (!is_finite($celsius) || $celsius < self::ABSOLUTE_ZERO) {
            throw OutOfRange::of('temperature', $celsius, self::ABSOLUTE_ZERO, \INF);
        }

        return new self($celsius);
    }

    /** @throws OutOfRange If the value is below absolute zero or not finite. */
    public static function fahrenheit(float $fahrenheit): self
    {
        return self::celsius(($fahrenheit - 32) / 1.8);
    }

    public function inFahrenheit(): float
    {
        return $this->celsius * 1.8 + 32;
    }
}
