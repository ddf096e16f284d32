<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Document\Reason;

/** The ways of making a bond again, side by side. */
final readonly class WayChoice
{
    /**
     * @param non-empty-list<WayOffer> $offers
     * @param int|null                 $best    of the offers; null if none can be done
     * @param list<Reason>             $because why that one
     */
    public function __construct(public array $offers, public ?int $best, public array $because) {}

    public function recommended(): ?WayOffer
    {
        return $this->best === null ? null : $this->offers[$this->best];
    }

    public function by(Way $way): ?WayOffer
    {
        foreach ($this->offers as $offer) {
            if ($offer->way === $way) {
                return $offer;
            }
        }

        return null;
    }
}
