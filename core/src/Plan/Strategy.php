<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Cut\Cooling;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\Heating;
use Facelift\Cut\Move;
use Facelift\Heat\Binding;
use Facelift\Heat\Sample;

/** How one source opens every bond of a job, planned through; alcohol beside the blade is left out. Estimates. */
final readonly class Strategy
{
    /** Hands at a heating: the phone goes on the source, and off it (common practice, no source). */
    private const AT_SOURCE = 10.0;

    /**
     * @param int          $tried    index of the source among those that were tried
     * @param int          $heatings times on the source, all bonds together
     * @param float        $hands    s of hands-on work to open them
     * @param float        $elapsed  s from the first heating of each bond to its last cut, all bonds together
     * @param float        $battery  °C at its worst
     * @param float        $panel    °C at its worst
     * @param Binding|null $blocked  what keeps it from opening one of them; null if it opens them all
     */
    private function __construct(
        public int $tried,
        public int $heatings,
        public float $hands,
        public float $elapsed,
        public float $battery,
        public float $panel,
        public ?Binding $blocked,
    ) {}

    /** @param array<EdgeOpening> $openings every bond of the job */
    public static function of(int $tried, array $openings): self
    {
        $samples = array_merge(...array_map(static fn(EdgeOpening $o): array => $o->samples, array_values($openings)));
        $moves = array_merge(...array_map(static fn(EdgeOpening $o): array => $o->moves, array_values($openings)));
        $blocked = array_filter(array_map(static fn(EdgeOpening $o): ?Binding => $o->blocked, $openings));

        return new self(
            $tried,
            \count(array_filter($moves, static fn(Move $m): bool => $m instanceof Heating)),
            array_sum(array_map(self::handsOn(...), $moves)),
            array_sum(array_map(static fn(Move $m): float => $m->seconds, $moves)),
            array_reduce($samples, static fn(float $most, Sample $s): float => max($most, $s->battery), -\INF),
            array_reduce($samples, static fn(float $most, Sample $s): float => max($most, $s->panel), -\INF),
            array_values($blocked)[0] ?? null,
        );
    }

    public function works(): bool
    {
        return $this->blocked === null;
    }

    /** Fewer heatings first, then less work, then less time, then a cooler battery; what does not work comes last. */
    public function isBetterThan(self $other): bool
    {
        $rank = static fn(self $s): array => [!$s->works(), $s->heatings, $s->hands, $s->elapsed, $s->battery];

        return $rank($this) < $rank($other);
    }

    private static function handsOn(Move $move): float
    {
        return match (true) {
            $move instanceof Heating => self::AT_SOURCE,
            $move instanceof Cooling => 0.0,
            default => $move->seconds,
        };
    }
}
