<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Document\Reason;

/** Searches the settings and times of a source for the gentlest that works, and says what to do if none does. */
final readonly class HeatAdvisor
{
    private const SETTINGS = 19;
    private const TIMES = 24;
    /** s; more than ten minutes on a source is not heating but waiting (common practice, no source). */
    private const LONGEST = 480.0;
    /** Edge that hot air is moved along at once, mm: one long side (common practice, no source). */
    private const ROUND = 150.0;

    public function advise(Region $region, Source $source, AdhesiveWindow $window, Limits $limits): HeatAdvice
    {
        [$min, $max] = $source->kind->range();
        // A bag is as hot as the microwave made it: only the time is left to choose.
        $sets = $source->kind === SourceKind::GrainBag ? [$source->set] : self::between($min, $max, self::SETTINGS);
        $points = $region->points(
            $source,
            $sets,
            self::between(self::LONGEST / self::TIMES, self::LONGEST, self::TIMES),
        );
        $best = Region::gentlest($points);
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
            ...$this->others($region, $source->kind),
        ]);
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
    private function others(Region $region, SourceKind $not): array
    {
        $reasons = [];
        foreach ([Source::plate(85), Source::hotAir(120, 30, self::ROUND)] as $other) {
            if ($other->kind !== $not) {
                [$min, $max] = $other->kind->range();
                $best = Region::gentlest(
                    $region->points(
                        $other,
                        self::between($min, $max, self::SETTINGS),
                        self::between(self::LONGEST / self::TIMES, self::LONGEST, self::TIMES),
                    ),
                );
                $reasons = $best === null
                        ? $reasons
                        : [
                            ...$reasons,
                            new Reason('heat-other-works', [
                                'source' => $other->kind->value,
                                'set' => round($best->set),
                                'seconds' => (int) $best->seconds(),
                            ]),
                        ];
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
