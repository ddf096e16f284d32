<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** How long light has to shine until optical adhesive is set: dose = irradiance × time. */
final readonly class Curing
{
    /** mJ/cm² that optical adhesive needs (engineering estimate, from memory; the maker's sheet goes before it) */
    public const DOSE = 1200.0;

    /**
     * @param float $irradiance mW/cm² on the glass, more than zero
     * @param float $dose       mJ/cm²
     */
    public function __construct(public Light $light, public float $irradiance, public float $dose = self::DOSE) {}

    /** Under a lamp whose irradiance is known at one distance: it falls with the square of the distance. */
    public static function lamp(float $irradiance, float $knownAt, float $distance): self
    {
        foreach (['irradiance' => $irradiance, 'known at' => $knownAt, 'distance' => $distance] as $field => $figure) {
            if (!is_finite($figure) || $figure <= 0 || $figure > 2000) {
                throw NothingToSeal::figure($field, $figure, 0.001, 2000);
            }
        }

        return new self(Light::Lamp, $irradiance * ($knownAt / $distance) ** 2);
    }

    /** A usual hand lamp, 10 mW/cm² at 50 mm (engineering estimate, from memory). */
    public static function usualLamp(float $distance = 50.0): self
    {
        return self::lamp(10.0, 50.0, $distance);
    }

    public static function by(Light $light): self
    {
        return $light === Light::Lamp ? self::usualLamp() : new self($light, $light->irradiance());
    }

    /** s */
    public function seconds(): float
    {
        return $this->dose / $this->irradiance;
    }
}
