<?php

declare(strict_types=1);

namespace Facelift\Record;

use Facelift\Record\Internal\Surface;

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
        $logs = [];
        for ($s = 0; $s < WindowEvidence::shifts(); ++$s) {
            $row = [];
            for ($p = 0; $p < WindowEvidence::paces(); ++$p) {
                $row[] = self::prior($s, $off)
                    - 0.5 * (WindowEvidence::pace($p) / self::PACE) ** 2
                    + $seen->log($s, $p);
            }
            $logs[] = $row;
        }
        $fine = Surface::of($logs);
        $shifts = array_map(WindowEvidence::shift(...), $fine->rows);

        return new self(
            Quantiles::of($shifts, $fine->byRow),
            Quantiles::of(array_map(WindowEvidence::pace(...), $fine->columns), $fine->byColumn),
            Quantiles::spread($shifts, $fine->byRow),
            Quantiles::normal($off),
            $seen,
        );
    }

    /** Logarithm, but for a constant. */
    private static function prior(float $place, float $off): float
    {
        return -0.5 * (WindowEvidence::shift($place) / $off) ** 2;
    }

    /** How wide the band is against what it was before anything was seen: one at first, less later. */
    public function narrowed(): float
    {
        return ($this->shift->high - $this->shift->low) / ($this->prior->high - $this->prior->low);
    }
}
