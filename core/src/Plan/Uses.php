<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Cost\Consumables;
use Facelift\Seal\InnerSeal;

/** What a plan uses up of what is the shop's; what came with the part is paid with it. */
final readonly class Uses
{
    public static function of(Plan $plan): Consumables
    {
        $metres = 0.0;
        $seals = 0;
        $ml = 0.0;
        foreach ($plan->sealing->seals as $seal) {
            $own = !$seal->supplied;
            $metres += $own ? $seal->tape() / 1000 : 0.0;
            $seals += $own && $seal->way?->takesSeal() === true ? 1 : 0;
            $ml += $own ? $seal->bead?->ml() ?? 0.0 : 0.0;
        }
        foreach ($plan->route->ids() as $id) {
            $bond = $plan->basis->phone->bonds[$id] ?? null;
            $inner = $bond === null ? null : InnerSeal::of($plan->basis->phone, $bond);
            $metres += ($inner?->tape() ?? 0.0) / 1000;
            $ml += $inner->ml ?? 0.0;
        }

        return new Consumables(round($metres, 3), $seals, round($ml, 3), $plan->basis->isGlassOnly() ? 1 : 0);
    }
}
