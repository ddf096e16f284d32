<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Bond;
use Facelift\Condition\Condition;
use Facelift\Seal\Readings;
use Facelift\Seal\SealMeans;
use Facelift\Seal\SealRequest;
use Facelift\Seal\Way;

/** What the bonds of a job are sealed with, as far as it was chosen or measured. */
final readonly class SealWish
{
    /**
     * @param Way|null $way      chosen for the bond of the display; null for the recommended one
     * @param Readings $readings of that bond
     */
    public function __construct(
        public SealMeans $means = new SealMeans(),
        public ?Way $way = null,
        public Readings $readings = new Readings(),
    ) {}

    /** What the seal of a bond is worked out from. The part and what was measured are the new part's bond's alone. */
    public function request(Basis $basis, Bond $bond, Condition $condition): SealRequest
    {
        $new = $basis->replaces($bond->lifted());

        return new SealRequest(
            $basis->phone,
            $bond,
            $new ? $basis->replacement : null,
            $condition,
            $this->means->at($basis->room),
            $new ? $this->readings : new Readings(),
        );
    }
}
