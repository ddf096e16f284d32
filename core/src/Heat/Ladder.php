<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Document\Reason;

/**
 * The next rung when a bond holds, with a stop rule in minutes and in what the panel has borne. Common practice, no
 * source.
 */
final readonly class Ladder
{
    /** A quarter of an hour at the bond is where the trying ends, min (common practice, no source). */
    public const MINUTES = 15.0;
    private const PANEL = 0.8;

    /**
     * @param list<Rung> $tried     in order
     * @param float      $minutes   worked at this bond so far: on the source, or with it warm enough to part
     * @param float      $panelUsed share of the panel's budget, as `PanelBudget` gives it
     * @param bool       $save      true if the old panel is to be saved
     *
     * @return array{Rung, Reason}
     */
    public function next(array $tried, float $minutes, float $panelUsed, bool $save): array
    {
        if ($minutes >= self::MINUTES) {
            return [Rung::GiveUpPanel, new Reason('ladder-time-is-up', ['minutes' => (int) $minutes])];
        }
        if ($save && $panelUsed >= self::PANEL) {
            return [
                Rung::GiveUpPanel,
                new Reason('ladder-panel-has-borne-enough', ['percent' => (int) round(100 * $panelUsed)]),
            ];
        }
        foreach (Rung::cases() as $rung) {
            // A panel that is given up anyway is not nursed: after alcohol and thin metal it goes at a corner.
            if (!\in_array($rung, $tried, true) && ($save || $rung !== Rung::Remover)) {
                return [$rung, new Reason('ladder-next', ['tried' => \count($tried)])];
            }
        }

        return [Rung::GiveUpPanel, new Reason('ladder-at-its-end')];
    }
}
