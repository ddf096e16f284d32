<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** Temperatures that must not be passed, °C. */
final readonly class Limits
{
    /**
     * @param float $batteryStop    stop heating: 60 °C (common practice)
     * @param float $batteryCaution the plan keeps below this, since the bench only follows an estimate
     * @param float $panel          a panel's sustained limit: the laminate parts at 70–90 °C (common practice)
     * @param float $skin           not for bare fingers for longer than a minute above 51 °C (ISO 13732-1, from memory)
     */
    public function __construct(
        public float $batteryStop = 60.0,
        public float $batteryCaution = 58.0,
        public float $panel = 90.0,
        public float $skin = 51.0,
    ) {}
}
