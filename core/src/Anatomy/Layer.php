<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** One layer of a heat stack. All figures strictly positive. */
final readonly class Layer
{
    /**
     * @param float $thickness    mm
     * @param float $conductivity W/(m·K)
     * @param float $density      kg/m³
     * @param float $specificHeat J/(kg·K)
     * @param float $contact      m²·K/W of contact resistance towards the next layer, zero or more
     */
    public function __construct(
        public string $name,
        public LayerRole $role,
        public float $thickness,
        public float $conductivity,
        public float $density,
        public float $specificHeat,
        public float $contact,
    ) {}
}
