<?php

declare(strict_types=1);

namespace Facelift\Record;

/** Where an adhesive lets go and how fast a blade goes along it, against what is estimated, after what was seen. */
final readonly class WindowBelief
{
    /** standard deviation of the logarithm of a shop's pace along one adhesive (estimate from memory) */
    public const PACE = 0.25;

    /**
     * @param Quantiles $shift K
     * @param Quantiles $pace  logarithm of how many times as fast
     * @param float     $off   K: standard deviation of the shift
     * @param Quantiles $prior K: the shift before anything was seen
     */
    private function __construct(
        public Quantiles $shift,
        public Quantiles $pace,
        public float $off,
        public Quantiles $prior,
        public WindowEvidence $from,
    ) {}

    /** @param float $off K that the estimate may be off: one standard deviation, more than zero */
    public static function of(float $off, WindowEvidence $seen): self
    {
        [$shifts, $paces] = [WindowEvidence::shifts(), WindowEvidence::paces()];
        $logs = [];
        for ($s = 0; $s < $shifts; ++$s) {
            for ($p = 0; $p < $paces; ++$p) {
                $prior = -0.5 * (WindowEvidence::shift($s) / $off) ** 2
                    - 0.5 * (WindowEvidence::pace($p) / self::PACE) ** 2;
                $logs[] = $prior + $seen->log($s, $p);
            }
        }
        $most = $logs === [] ? 0.0 : max($logs);
        $byShift = array_fill(0, $shifts, 0.0);
        $byPace = array_fill(0, $paces, 0.0);
        $before = [];
        foreach ($logs as $i => $log) {
            $weight = exp($log - $most);
            $byShift[intdiv($i, $paces)] += $weight;
            $byPace[$i % $paces] += $weight;
        }
        for ($s = 0; $s < $shifts; ++$s) {
            $before[] = exp(-0.5 * (WindowEvidence::shift($s) / $off) ** 2);
        }
        $shift = static fn(int $i): float => WindowEvidence::shift($i);

        return new self(
            Quantiles::of($byShift, $shift, WindowEvidence::STEP),
            Quantiles::of($byPace, static fn(int $i): float => WindowEvidence::pace($i), WindowEvidence::PACE_STEP),
            Quantiles::spread($byShift, $shift),
            Quantiles::of($before, $shift, WindowEvidence::STEP),
            $seen,
        );
    }

    /** How wide the band is against what it was before anything was seen: one at first, less later. */
    public function narrowed(): float
    {
        return ($this->shift->high - $this->shift->low) / ($this->prior->high - $this->prior->low);
    }
}
