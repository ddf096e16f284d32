<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What a face exchanges heat with: a medium at a temperature, through a film or contact coefficient. */
final readonly class Boundary
{
    /**
     * Still air in a room: free convection and radiation together. About 10 W/m²K is common practice for small warm
     * plates.
     */
    public const STILL_AIR = 10.0;

    /**
     * @param float $coefficient W/(m²·K), zero (insulated) or more
     * @param float $medium      °C
     */
    public function __construct(public float $coefficient, public float $medium) {}

    public static function stillAir(float $room): self
    {
        return new self(self::STILL_AIR, $room);
    }
}
