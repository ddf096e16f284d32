<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** Takes one of the ways of making a bond again: the one that was chosen, or the recommended one. */
final readonly class Sealer
{
    public function __construct(private KnownWays $ways = new KnownWays()) {}

    /** @param Way|null $wish the technician's choice; it is taken if it can be done */
    public function plan(SealRequest $request, ?Way $wish = null): SealPlan
    {
        $choice = $this->ways->find($request);
        $wished = $wish === null ? null : $choice->by($wish);
        $offer = $wished?->refused === null ? $wished ?? $choice->recommended() : $choice->recommended();
        $chosen = $offer !== null && $offer === $choice->recommended() ? $choice->because : [];

        return new SealPlan(
            $request->bond->id,
            $request->bond->closing->renewal,
            $offer?->way,
            $offer?->thickness,
            $offer->tape->pieces ?? [],
            $offer?->bead,
            $offer?->heights,
            $this->freed($offer),
            $offer?->hold,
            [...$chosen, ...($offer->because ?? [])],
            $offer->supplied ?? false,
        );
    }

    /** @return list<string> */
    private function freed(?WayOffer $offer): array
    {
        return array_values(array_unique([...($offer->tape->freed ?? []), ...($offer->bead->interrupted ?? [])]));
    }
}
