<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Renewal;
use Facelift\Cost\Consumables;

/** What a plan uses up. */
final readonly class Uses
{
    /** Diameter of a bead from a fine-tip tube, mm (common practice, no source). */
    private const BEAD = 1.0;
    /** A dab under a small part, ml (common practice, no source). */
    private const DAB = 0.05;

    public static function of(Plan $plan): Consumables
    {
        $phone = $plan->basis->phone;
        $metres = 0.0;
        $seals = 0;
        $ml = 0.0;
        foreach ($plan->sealing->seals as $seal) {
            $metres += array_sum($seal->metres);
            $seals += $seal->renewal === Renewal::Precut ? 1 : 0;
            if ($seal->renewal === Renewal::Liquid) {
                // Bead volume π/4·d²·L, mm³ to ml.
                $ml += \M_PI / 4 * self::BEAD ** 2 * $phone->body->glass->perimeter() / 1000;
            }
        }
        foreach ($plan->route->ids() as $id) {
            $bond = $phone->bonds[$id] ?? null;
            if ($bond !== null && $bond->cut === null && $bond->closing->renewal === Renewal::Liquid) {
                $ml += self::DAB;
            }
        }

        return new Consumables(round($metres, 3), $seals, round($ml, 3), $plan->basis->isGlassOnly() ? 1 : 0);
    }
}
