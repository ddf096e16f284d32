<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Document\Reason;

/**
 * How long a fresh bond is held, by three figures that are not one: under clamps, lying light, and to full strength.
 * Each an estimate.
 */
final readonly class Hold
{
    /**
     * @param HoldBy           $by     what holds it meanwhile
     * @param float            $clamp  min under clamps or bands, zero if it is pressed by hand only; longer is fine
     * @param float            $longer min: more than this under clamps gives nothing
     * @param float            $light  h lying under a light load afterwards
     * @param float            $cure   h to full strength
     * @param list<ClampPlace> $places where clamps can stand
     * @param list<Reason>     $because
     */
    public function __construct(
        public HoldBy $by,
        public float $clamp,
        public float $longer,
        public float $light,
        public float $cure,
        public array $places,
        public array $because,
    ) {}

    /** N per mm of the bond under the clamps that can stand */
    public function press(float $edge): float
    {
        return $edge > 0 ? \count($this->places) * ClampPlace::FORCE / $edge : 0.0;
    }

    /** min until the tail screws may go in and it may be carried */
    public function untilScrews(): float
    {
        return $this->clamp;
    }
}
