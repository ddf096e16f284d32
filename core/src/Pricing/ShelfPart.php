<?php

declare(strict_types=1);

namespace Facelift\Pricing;

use Facelift\Fit\Offer;
use Facelift\Quantity\Money;

/** A part on the shelf that is free, or lies there for this very job. */
final readonly class ShelfPart
{
    /**
     * @param int        $item     the shelf's number for it
     * @param Money|null $cost     what the shop paid; null if nobody wrote it down
     * @param bool       $reserved true if it is reserved for this job
     */
    public function __construct(
        public int $item,
        public string $label,
        public string $name,
        public Offer $offer,
        public ?Money $cost,
        public bool $reserved,
    ) {}
}
