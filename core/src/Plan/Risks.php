<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Pairing;

/**
 * What a plan may ruin, and how likely. Probabilities: common practice, no source; the shop's record is to replace
 * them.
 */
final readonly class Risks
{
    private const PAIRED_PART = 0.01;
    private const GLUED_FLEX = 0.02;
    private const NEW_PANEL = 0.015;

    /**
     * @param float $glassLost probability that a glass-only try loses the panel
     *
     * @return list<Risk>
     */
    public function of(Plan $plan, float $glassLost): array
    {
        $phone = $plan->basis->phone;
        $risks = [];
        foreach ($plan->route->moved as $id) {
            if ($phone->parts[$id]->pairing !== Pairing::None) {
                $risks[] = new Risk('paired-part', $phone->parts[$id]->name, self::PAIRED_PART);
            }
        }
        foreach ($plan->route->ids() as $id) {
            $bond = $phone->bonds[$id] ?? null;
            if ($bond !== null && $bond->adhesive === AdhesiveKind::FlexGlue) {
                $risks[] = new Risk('glued-flex', $phone->nameOf($bond->joins[0]), self::GLUED_FLEX);
            }
        }
        $risks[] = $plan->basis->isGlassOnly()
            ? new Risk('panel-lost', $plan->basis->replacement->name, $glassLost)
            : new Risk('new-panel', $plan->basis->replacement->name, self::NEW_PANEL);

        return $risks;
    }

    /**
     * Chance that at least one of them happens: 1 − ∏(1 − p), taken as independent.
     *
     * @param list<Risk> $risks
     */
    public static function together(array $risks): float
    {
        return 1.0 - array_product(array_map(static fn(Risk $r): float => 1.0 - $r->probability, $risks));
    }
}
