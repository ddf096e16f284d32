<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Quantity\OutOfRange;

/** A heated plate or mat that the phone lies on. */
final readonly class PlateSource
{
    /** Phone glass on a silicone-topped plate: 100–150 W/m²K reproduces practice (engineering estimate, from memory). */
    public const USUAL_CONTACT = 125.0;

    /**
     * @param float $set     °C, 30 to 120
     * @param float $contact W/(m²·K), 20 to 1000
     */
    private function __construct(public float $set, public float $contact) {}

    /** @throws OutOfRange If the setting lies outside 30–120 °C or the contact coefficient outside 20–1000 W/m²K. */
    public static function at(float $set, float $contact = self::USUAL_CONTACT): self
    {
        if ($set < 30 || $set > 120) {
            throw OutOfRange::of('plate temperature', $set, 30, 120);
        }
        if ($contact < 20 || $contact > 1000) {
            throw OutOfRange::of('contact coefficient', $contact, 20, 1000);
        }

        return new self($set, $contact);
    }

    public function boundary(): Boundary
    {
        return new Boundary($this->contact, $this->set);
    }
}
