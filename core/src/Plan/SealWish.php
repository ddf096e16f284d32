<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Seal\Readings;
use Facelift\Seal\SealMeans;
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
}
