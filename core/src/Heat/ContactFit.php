<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** The contact or film coefficient that explains readings best. */
final readonly class ContactFit
{
    /**
     * @param float       $coefficient W/(m²·K)
     * @param float       $low         lower end of the 95 % interval, within the bounds of the source
     * @param float       $high
     * @param float       $misfit      root mean square of what is left, K
     * @param Implausible|null $implausible if no coefficient explains a reading: a loose probe, or
     *     a wrong spot
     * @param bool        $contradicted true if the readings disagree by more than a thermometer errs: no one contact
     *     explains them
     * @param int         $used        readings that the fit rests on; zero if none is plausible
     */
    public function __construct(
        public float $coefficient,
        public float $low,
        public float $high,
        public float $misfit,
        public ?Implausible $implausible,
        public int $used,
        public bool $contradicted = false,
    ) {}
}
