<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** From when a bond that was made again may be used: reckoned from when it was really laid shut. Estimates. */
final readonly class AfterSeal
{
    /** ms in an hour */
    private const HOUR = 3_600_000;

    /**
     * @param int      $shut    ms since 1970, when it was laid shut
     * @param int|null $carried from when it may be carried in a pocket; null if it was not held as planned
     * @param int|null $loaded  from when it may be bent, pressed or wetted by a drop: at full strength
     */
    private function __construct(public int $shut, public ?int $carried, public ?int $loaded) {}

    /** @return self|null null if the bond was not laid shut in this run, or is not renewed */
    public static function of(Run $run, string $bond): ?self
    {
        $shut = null;
        foreach ($run->plan->steps as $id => $step) {
            $done = $run->state->done[$id] ?? null;
            if ($done !== null && $step->kind()->glues() && $step->isAbout($bond)) {
                $shut = $done->at;
            }
        }
        if ($shut === null) {
            return null;
        }
        $clamp = $run->clampOf($bond);
        $waited = $clamp === null ? null : $run->waited($clamp);
        // Let go too early, or never held: its figures say nothing of this bond.
        $held = $clamp === null || ($waited !== null && $waited->to !== null && !$waited->early());
        $hold = $held ? ($run->plan->sealing->seals[$bond] ?? null)?->hold : null;
        // What counts is when the clamps really came off, not when they should have.
        $free = $waited->to ?? $shut;

        return new self(
            $shut,
            $hold === null ? null : $free + (int) round($hold->light * self::HOUR),
            $hold === null ? null : $free + (int) round($hold->cure * self::HOUR),
        );
    }
}
