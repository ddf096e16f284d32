<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Cut\Cooling;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\Heating;
use Facelift\Cut\Move;
use Facelift\Heat\Approach;
use Facelift\Heat\Binding;
use Facelift\Heat\Limits;
use Facelift\Heat\Sample;
use Facelift\Heat\Source;
use Facelift\Heat\Worst;

/**
 * How one source opens every bond of a job, planned through; alcohol beside the blade is left out. Estimates, each as
 * it is likely and as it is with a source hotter than 95 of 100.
 */
final readonly class Strategy
{
    /** Hands at a heating: the phone goes on the source, and off it (common practice, no source). */
    private const AT_SOURCE = 10.0;
    /** Hands for a second source: the phone off the plate, the gun up (common practice, no source). */
    private const SECOND_SOURCE = 30.0;
    /** One heating more weighs as much as so much work, s (common practice, no source). */
    private const HEATING = 60.0;

    /**
     * @param Source       $source   at the setting that is best
     * @param int          $tried    index of the setting among those of the source that were tried
     * @param int          $heatings times on the source, all bonds together
     * @param float        $hands    s of hands-on work to open them: air is moved by hand
     * @param float        $elapsed  s from the first heating of each bond to its last cut, all bonds together
     * @param float|null   $battery  °C at its worst; null if nothing was planned through
     * @param float|null   $panel    °C at its worst; null as above
     * @param Worst|null   $worst    the same hotter than 95 of 100; null if nothing could be opened
     * @param float        $chance   0 to 1 that no pass has to be done again
     * @param Binding|null $blocked  what keeps it from opening one of them; null if it opens them all
     */
    private function __construct(
        public Source $source,
        public int $tried,
        public Approach $approach,
        public int $heatings,
        public float $hands,
        public float $elapsed,
        public ?float $battery,
        public ?float $panel,
        public ?Worst $worst,
        public float $chance,
        public ?Binding $blocked,
    ) {}

    /** @param array<EdgeOpening> $openings every bond of the job, at least one */
    public static function of(int $tried, Source $source, Approach $approach, array $openings): self
    {
        $samples = array_merge(...array_map(static fn(EdgeOpening $o): array => $o->samples, array_values($openings)));
        $moves = array_merge(...array_map(static fn(EdgeOpening $o): array => $o->moves, array_values($openings)));
        $blocked = array_filter(array_map(static fn(EdgeOpening $o): ?Binding => $o->blocked, $openings));
        $worst = array_filter(array_map(static fn(EdgeOpening $o): ?Worst => $o->worst, $openings));

        return new self(
            $source,
            $tried,
            $approach,
            \count(array_filter($moves, static fn(Move $m): bool => $m instanceof Heating)),
            array_sum(array_map(static fn(Move $m): float => self::handsOn($m, $source), $moves)),
            array_sum(array_map(static fn(Move $m): float => $m->seconds, $moves)),
            array_reduce($samples, static fn(float $most, Sample $s): float => max($most, $s->battery), -\INF),
            array_reduce($samples, static fn(float $most, Sample $s): float => max($most, $s->panel), -\INF),
            array_reduce($worst, static fn(?Worst $a, Worst $b): Worst => $a === null ? $b : $a->and($b)),
            (float) array_product(array_map(static fn(EdgeOpening $o): float => $o->chance ?? 1.0, $openings)),
            array_values($blocked)[0] ?? null,
        );
    }

    /** One that never makes a bond part: nothing is planned through. */
    public static function tooCold(int $tried, Source $source, Approach $approach): self
    {
        return self::kept(
            $source,
            $approach,
            [0, 0.0, 0.0],
            [null, null, null],
            0.0,
            Binding::Time,
            $tried,
        );
    }

    /**
     * As it was when it was written down.
     *
     * @param array{int, float, float}                      $work heatings, hands and elapsed
     * @param array{float|null, float|null, Worst|null} $heat battery, panel, and both at their hottest
     */
    public static function kept(
        Source $source,
        Approach $approach,
        array $work,
        array $heat,
        float $chance,
        ?Binding $blocked,
        int $tried = 0,
    ): self {
        return new self(
            $source,
            $tried,
            $approach,
            ...$work,
            ...$heat,
            chance: $chance,
            blocked: $blocked,
        );
    }

    /**
     * The limit that it comes nearest to with a source hotter than 95 of 100, and how many K are left to it.
     *
     * @return array{Binding, float}|null null if nothing was planned through
     */
    public function nearest(Limits $limits): ?array
    {
        if ($this->worst === null) {
            return null;
        }
        $left = [
            [Binding::Battery, $limits->batteryStop - $this->worst->battery],
            [Binding::Panel, $limits->panel - $this->worst->panel],
            [Binding::Frame, ($limits->plasticSoft ?? \INF) - $this->worst->frame],
        ];
        usort($left, static fn(array $a, array $b): int => $a[1] <=> $b[1]);

        return $left[0];
    }

    public function works(): bool
    {
        return $this->blocked === null;
    }

    /** s: the work, and what the heatings weigh */
    public function burden(): float
    {
        return $this->hands + self::HEATING * $this->heatings;
    }

    /** The same of so many heatings and so many s of work. */
    public static function burdenOf(float $heatings, float $hands): float
    {
        return $hands + self::HEATING * $heatings;
    }

    /**
     * Within limits they all are; less work and fewer heatings first, then less time, then a cooler battery; what does
     * not work comes last.
     */
    public function isBetterThan(self $other): bool
    {
        $rank = static fn(self $s): array => [!$s->works(), $s->burden(), $s->elapsed, $s->battery];

        return $rank($this) < $rank($other);
    }

    private static function handsOn(Move $move, Source $source): float
    {
        return match (true) {
            $move instanceof Heating && $move->preheat => self::SECOND_SOURCE,
            $move instanceof Heating => $source->covers === null ? self::AT_SOURCE : $move->seconds,
            $move instanceof Cooling => $move->sourceIsCold ? self::AT_SOURCE : 0.0,
            default => $move->seconds,
        };
    }
}
