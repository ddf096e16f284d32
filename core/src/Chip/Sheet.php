<?php

declare(strict_types=1);

namespace Facelift\Chip;

/** One thin sheet that heat spreads in: so thin that it is as warm through and through. */
final readonly class Sheet
{
    /**
     * @param float $thickness    mm, more than zero
     * @param float $conductivity W/(m·K) in the plane
     * @param float $density      kg/m³
     * @param float $specificHeat J/(kg·K)
     */
    public function __construct(
        public float $thickness,
        public float $conductivity,
        public float $density,
        public float $specificHeat,
    ) {}

    /** Flex with its copper and stiffener (engineering estimate, from memory). */
    public static function flex(float $thickness): self
    {
        return new self($thickness, 10.0, 2000.0, 1050.0);
    }

    /** Cover glass and panel laminated, without a metal foil behind (engineering estimate, from memory). */
    public static function panel(): self
    {
        return new self(1.0, 0.9, 2300.0, 850.0);
    }

    /** J/(m²·K) */
    public function capacity(): float
    {
        return $this->thickness / 1000 * $this->density * $this->specificHeat;
    }

    /** W/K that pass between two rings per unit of r/dr. */
    public function spreads(): float
    {
        return $this->thickness / 1000 * $this->conductivity;
    }
}
