<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Document\Reason;

/**
 * Searches the settings of a source for the gentlest that a plan can be made with, and says what to do if there is
 * none.
 *
 * The region says which settings look good, the plan has the last word: what is advised has been planned through, and
 * what no plan can be made with is not advised.
 */
final readonly class HeatAdvisor
{
    private const SETTINGS = 19;
    private const TIMES = 24;
    /**
     * Settings that are planned through at most: the gentlest ones, or where none looks good, some all over the
     * range.
     */
    private const PLANNED = 4;
    /** Edge that hot air is moved along at once, mm: one long side (common practice, no source). */
    private const ROUND = 150.0;

    /**
     * @param \Closure(Source): (HeatingEnd|null) $planned the first heating of a plan with it; null if no plan works
     */
    public function __construct(private Region $region, private \Closure $planned) {}

    public function advise(Source $source, AdhesiveWindow $window, Limits $limits): HeatAdvice
    {
        $points = $this->points($source);
        $best = $this->best($source, $points, $window, $limits);
        if ($best !== null) {
            return new HeatAdvice($best, $points, [
                new Reason('heat-gentlest', [
                    'set' => round($best->set),
                    'seconds' => (int) $best->seconds(),
                    'margin' => round($best->margin, 1),
                    'window' => (int) $best->window,
                ]),
            ]);
        }

        return new HeatAdvice(null, $points, [
            ...$this->whyNot($points, $window, $limits),
            ...$this->others($source->kind, $window, $limits),
        ]);
    }

    /** @return list<Candidate> */
    private function points(Source $source): array
    {
        [$min, $max] = $source->kind->range();
        // A bag is as hot as the microwave made it: only the time is left to choose.
        $sets = $source->kind === SourceKind::GrainBag ? [$source->set] : self::between($min, $max, self::SETTINGS);
        $step = Usual::LONGEST_HEATING / self::TIMES;

        return $this->region->points($source, $sets, self::between($step, Usual::LONGEST_HEATING, self::TIMES));
    }

    /** @param list<Candidate> $points */
    private function best(Source $source, array $points, AdhesiveWindow $window, Limits $limits): ?Candidate
    {
        if ($window->low >= $limits->panel) {
            return null;
        }
        $planned = [];
        foreach ($this->inOrder($points) as $looked) {
            $first = ($this->planned)($source->at($looked->set));
            if ($first !== null) {
                $planned[] = $looked->plannedAs($first, $window, $limits);
            }
        }

        return Region::gentlest($planned);
    }

    /**
     * One candidate a setting, the gentlest first; where none looks good, settings all over the range from the lowest
     * on.
     *
     * @param list<Candidate> $points
     *
     * @return list<Candidate>
     */
    private function inOrder(array $points): array
    {
        $order = [];
        $left = $points;
        while (\count($order) < self::PLANNED && ($next = Region::gentlest($left)) !== null) {
            $order[] = $next;
            $left = array_values(array_filter($left, static fn(Candidate $p): bool => $p->set !== $next->set));
        }
        if ($order !== []) {
            return $order;
        }
        $bySet = [];
        foreach ($points as $point) {
            $bySet[(string) $point->set] = $point;
        }
        $every = max(1, intdiv(\count($bySet), self::PLANNED));

        return array_values(array_filter(
            array_values($bySet),
            static fn(int $i): bool => $i % $every === 0,
            \ARRAY_FILTER_USE_KEY,
        ));
    }

    /**
     * @param list<Candidate> $points
     *
     * @return list<Reason>
     */
    private function whyNot(array $points, AdhesiveWindow $window, Limits $limits): array
    {
        if ($window->low >= $limits->panel) {
            return [new Reason('heat-none-is-safe', ['low' => $window->low, 'panel' => $limits->panel])];
        }
        $hottest = array_reduce(
            $points,
            static fn(?Candidate $h, Candidate $p): Candidate => $h === null || $p->end->bond > $h->end->bond ? $p : $h,
        );
        $reaches = $hottest !== null && $hottest->end->bond >= $window->low;

        return [
            $reaches
                ? new Reason('heat-limits-bind', ['low' => $window->low])
                : new Reason('heat-source-too-weak', [
                    'reached' => round($hottest->end->bond ?? 0.0, 1),
                    'low' => $window->low,
                ]),
        ];
    }

    /** @return list<Reason> what would do instead, each at its gentlest; nothing if no source is safe */
    private function others(SourceKind $not, AdhesiveWindow $window, Limits $limits): array
    {
        $reasons = [];
        foreach ([Source::plate(Usual::PLATE), Source::hotAir(120, 30, self::ROUND)] as $other) {
            $best = $other->kind === $not ? null : $this->best($other, $this->points($other), $window, $limits);
            if ($best !== null) {
                $reasons[] = new Reason('heat-other-works', [
                    'source' => $other->kind->value,
                    'set' => round($best->set),
                    'seconds' => (int) $best->seconds(),
                ]);
            }
        }

        return $reasons;
    }

    /** @return list<float> */
    private static function between(float $from, float $to, int $count): array
    {
        return array_map(static fn(int $i): float => $from + ($to - $from) * $i / ($count - 1), range(0, $count - 1));
    }
}
