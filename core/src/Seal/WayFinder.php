<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\SuppliedAdhesive;
use Facelift\Condition\Observation;
use Facelift\Document\Reason;
use Facelift\Seal\Internal\OfferDesk;
use Facelift\Seal\Internal\PlainOffers;
use Facelift\Seal\Internal\TapeOffers;

/**
 * Computes every way of making a bond again and recommends one: what came with the part, if it ends up flush; else what
 * the phone was built with; else what holds most. A bent frame wants adhesive that fills (common practice, no source).
 */
final readonly class WayFinder
{
    public function find(SealRequest $request): WayChoice
    {
        $desk = new OfferDesk($request);
        $plain = new PlainOffers($desk);
        $tape = new TapeOffers($desk, $plain);
        $offers = [
            $plain->fitted(),
            $plain->seal(),
            $tape->tape(),
            $plain->bead(),
            $tape->tapeAndBead(),
            $tape->sealAndTape(),
        ];
        [$best, $because] = self::best($request, $offers, $tape->suppliedTape());

        return new WayChoice($offers, $best, $because);
    }

    /**
     * @param non-empty-list<WayOffer> $offers
     * @param WayOffer|null            $kit    tape that came with the part
     *
     * @return array{int|null, list<Reason>}
     */
    private static function best(SealRequest $request, array $offers, ?WayOffer $kit): array
    {
        $can = array_filter($offers, static fn(WayOffer $o): bool => $o->refused === null);
        $last = array_filter($can, static fn(WayOffer $o): bool => $o->lasts());
        if ($last === []) {
            return self::leastProud($can);
        }
        $among = $last;
        $at = static fn(Way $way): ?int => array_key_first(
            array_filter($among, static fn(WayOffer $o): bool => $o->way === $way),
        );
        $supplied = array_key_first(array_filter($among, static fn(WayOffer $o): bool => $o->supplied));
        $bent = $request->condition->shows(Observation::FrameBent) ? $at(Way::TapeAndBead) ?? $at(Way::Bead) : null;
        $built = Way::asBuilt($request->bond->closing->renewal);
        $asBuilt = $built === null ? null : $at($built);
        $left = array_diff_key($can, $among);
        $notSupplied = self::suppliedLifts($request, $kit === null ? $left : [...$left, $kit]);

        return match (true) {
            $bent !== null => [$bent, [new Reason('way-bent-frame')]],
            $supplied !== null => [$supplied, [new Reason('way-supplied')]],
            $notSupplied !== [] && $at(Way::TapeAndBead) !== null => [
                $at(Way::TapeAndBead),
                [...$notSupplied, new Reason('way-tape-with-bead')],
            ],
            $asBuilt !== null => [$asBuilt, [...$notSupplied, new Reason('way-as-built')]],
            default => [self::holdsMost($among), [...$notSupplied, new Reason('way-holds-most')]],
        };
    }

    /**
     * Where none lasts: what stands least proud, and how much too much lies under the screen.
     *
     * @param array<int, WayOffer> $can
     *
     * @return array{int|null, list<Reason>}
     */
    private static function leastProud(array $can): array
    {
        $proud = array_map(static fn(WayOffer $o): float => $o->heights?->highest()->budget->proud() ?? 0.0, $can);
        if ($proud === []) {
            return [null, [new Reason('no-way-to-seal')]];
        }
        $at = (int) array_search(min($proud), $proud, true);
        $high = $can[$at]->heights?->highest();

        return [$at, $high === null ? [] : [new Reason('none-lasts', [
            'side' => $high->side->value,
            'mm' => round($high->budget->proud(), 2),
        ])]];
    }

    /**
     * @param array<int, WayOffer> $left
     *
     * @return list<Reason> that what came with the part is left in its box, and why
     */
    private static function suppliedLifts(SealRequest $request, array $left): array
    {
        foreach ($left as $offer) {
            $high = $offer->heights?->highest();
            if ($offer->supplied && !$offer->lasts() && $high !== null) {
                return [new Reason('supplied-lifts', [
                    'thickness' => (float) $offer->thickness,
                    'mm' => round($high->budget->likely(), 2),
                    'side' => $high->side->value,
                ])];
            }
        }
        if ($request->part?->adhesive === SuppliedAdhesive::Tape && $request->part->adhesiveThickness === null) {
            return [new Reason('supplied-thickness-unknown')];
        }

        return [];
    }

    /** @param non-empty-array<int, WayOffer> $among */
    private static function holdsMost(array $among): int
    {
        $held = array_map(static fn(WayOffer $o): float => $o->holds() ?? 0.0, $among);

        return (int) array_search(max($held), $held, true);
    }
}
