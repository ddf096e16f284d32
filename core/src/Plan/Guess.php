<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Rests;
use Facelift\Route\Pace;

/**
 * What of a plan nobody knows yet, since the phone file assumes it: as ranges in the place of figures. The factors are
 * an estimate (common practice, no source): an unknown phone takes longer more often than it takes less.
 */
final readonly class Guess
{
    /** Hands at a step about something assumed, as a factor of what is planned. */
    private const LESS = 0.7;
    private const MORE = 1.8;

    /**
     * @param list<string> $assumed ids of elements that the plan handles and nobody has seen
     * @param int          $fewest  screws
     * @param int          $most
     * @param float        $least   s of hands
     * @param float        $longest
     */
    private function __construct(
        public array $assumed,
        public int $fewest,
        public int $most,
        public float $least,
        public float $longest,
    ) {}

    /** @return self|null null if everything that the plan handles was seen or measured */
    public static function of(Plan $plan): ?self
    {
        $footing = $plan->basis->phone->footing;
        $handled = array_values(array_filter(
            $plan->route->ids(),
            static fn(string $id): bool => $footing->of($id) === Rests::Assumed,
        ));
        if ($handled === []) {
            return null;
        }
        $groups = array_intersect_key($plan->basis->phone->fasteners, array_fill_keys($plan->route->ids(), true));
        $ranges = array_map($footing->screwsOf(...), array_values($groups));
        $fewest = array_sum(array_map(static fn($r): int => $r->fewest, $ranges));
        $most = array_sum(array_map(static fn($r): int => $r->most, $ranges));
        $drawn = array_sum(array_map(static fn(Fastener $g): int => $g->count(), $groups));
        [$sure, $open] = self::hands($plan, $handled);
        $screw = Pace::SCREW_OUT + Pace::SCREW_IN;

        return new self(
            $handled,
            $fewest,
            $most,
            $sure + self::LESS * $open + $screw * ($fewest - $drawn),
            $sure + self::MORE * $open + $screw * ($most - $drawn),
        );
    }

    /** s of hands that are kept back at a promise and a price, beyond what is planned */
    public function reserve(Plan $plan): float
    {
        return max(0.0, $this->longest - $plan->handsOn());
    }

    /**
     * @param list<string> $assumed
     *
     * @return array{float, float} s of hands at steps about nothing assumed, and at the others
     */
    private static function hands(Plan $plan, array $assumed): array
    {
        $sure = $open = 0.0;
        foreach ($plan->steps as $step) {
            $about = array_intersect($step->act->subjects, $assumed) !== []
                || \in_array($step->act->move?->bond, $assumed, true);
            $sure += $about ? 0.0 : $step->manner->work();
            $open += $about ? $step->manner->work() : 0.0;
        }

        return [$sure, $open];
    }
}
