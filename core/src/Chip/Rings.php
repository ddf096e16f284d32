<?php

declare(strict_types=1);

namespace Facelift\Chip;

/** Rings round the middle of a spot, fine where it is hot and wider further out. */
final readonly class Rings
{
    /** @var list<float> m, from the middle out; one more than there are rings */
    public array $edges;
    /** @var list<float> m, of the middle of each */
    public array $middles;
    /** @var list<float> m² */
    public array $areas;
    /** @var list<float> m of circle per m between two middles: what a sheet's spreading is multiplied with */
    public array $links;

    /**
     * @param float $fine  m that a ring is wide where it is hot
     * @param float $until m out to where rings are as fine
     * @param float $out   m to the rim
     * @param float $grows by which each is wider than the one before, further out
     */
    public function __construct(float $fine, float $until, float $out, float $grows)
    {
        $edges = [0.0];
        $width = $fine;
        for ($at = 0.0; $at < $out;) {
            $width = $at < $until ? $fine : $width * $grows;
            $at = min($out, $at + $width);
            $edges[] = $at;
        }
        $middles = $areas = $links = [];
        for ($i = 1, $n = \count($edges); $i < $n; ++$i) {
            $middles[] = ($edges[$i - 1] + $edges[$i]) / 2;
            $areas[] = M_PI * ($edges[$i] ** 2 - $edges[$i - 1] ** 2);
        }
        for ($i = 1, $n = \count($middles); $i < $n; ++$i) {
            $links[] = 2 * M_PI * $edges[$i] / ($middles[$i] - $middles[$i - 1]);
        }
        [$this->edges, $this->middles, $this->areas, $this->links] = [$edges, $middles, $areas, $links];
    }

    /** Share of a ring that lies within a radius, m: 0 to 1. */
    public function within(int $ring, float $radius): float
    {
        $inner = $this->edges[$ring];
        $outer = $this->edges[$ring + 1];
        $to = max($inner, min($outer, $radius));

        return ($to ** 2 - $inner ** 2) / ($outer ** 2 - $inner ** 2);
    }
}
