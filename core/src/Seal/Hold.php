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
     * @param float            $perMm  N per mm of the bond under clamps at all of them, by their usual force
     * @param list<Reason>     $because
     */
    public function __construct(
        public HoldBy $by,
        public float $clamp,
        public float $longer,
        public float $light,
        public float $cure,
        public array $places,
        public float $perMm,
        public array $because,
    ) {}

    /** min until the tail screws may go in: after it was held, whatever comes then */
    public function untilScrews(): float
    {
        return $this->clamp;
    }

    /** h until it may be carried in a pocket: after it has lain light */
    public function untilCarried(): float
    {
        return round($this->clamp / 60 + $this->light, 1);
    }
}
