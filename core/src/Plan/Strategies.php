<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Heat\Approach;
use Facelift\Heat\Source;
use Facelift\Heat\SourceKind;
use Facelift\Plan\Internal\BondAhead;
use Facelift\Plan\Internal\Openings;
use Facelift\Plan\Internal\Prospect;
use Facelift\Route\NoWayIn;
use Facelift\Route\RoutePlanner;

/**
 * Every source of a shop side by side: each planned through at the settings that are usual for it, and in every way it
 * can be used: lifted off and cut, kept on the stretch in hand, after the whole phone has been warmed on a plate.
 *
 * The most promising way of a source is planned through first, and then the others as long as what they promise is
 * better than what was found, and they are; how near that comes to trying everything is measured by `./facelift bench`.
 */
final readonly class Strategies
{
    public function __construct(private RoutePlanner $routes = new RoutePlanner()) {}

    /**
     * @return list<Strategy> the best of each source, in their order; empty if nothing has to be heated
     *
     * @throws NoWayIn If the phone file blocks itself.
     */
    public function of(Request $request, Means $means): array
    {
        $route = $this->routes->plan($request->phone, $request->replacement, $request->oldPanel());
        $openings = new Openings($request, $route);
        $bonds = $openings->bonds();
        if ($bonds === []) {
            return [];
        }
        $preheat = self::hottestPlate($means);
        $best = [];
        foreach ($means->sources as $settings) {
            $best[] = $this->best(
                $openings,
                $bonds,
                $settings,
                $means->holds,
                $preheat,
            );
        }

        return $best;
    }

    /**
     * @param list<Strategy> $strategies
     *
     * @return int|null index of the one to take; null if none works
     */
    public static function recommended(array $strategies): ?int
    {
        $best = null;
        foreach ($strategies as $i => $strategy) {
            if ($strategy->works() && ($best === null || $strategy->isBetterThan($strategies[$best]))) {
                $best = $i;
            }
        }

        return $best;
    }

    /**
     * @param non-empty-list<BondAhead> $bonds
     * @param non-empty-list<Source>    $settings
     */
    private function best(
        Openings $openings,
        array $bonds,
        array $settings,
        bool $holds,
        ?Source $preheat,
    ): Strategy {
        $best = null;
        foreach ($this->prospects($bonds, $settings, $holds, $preheat) as $prospect) {
            if ($best?->works() === true && $prospect->burden >= $best->burden()) {
                break;
            }
            $found = $prospect->burden === \INF
                ? Strategy::tooCold($prospect->tried, $settings[$prospect->tried], $prospect->approach)
                : self::through($openings, $prospect, $settings[$prospect->tried], $best);
            if ($best?->works() === true && !$found->isBetterThan($best)) {
                break;
            }
            $best = $best === null || $found->isBetterThan($best) ? $found : $best;
        }

        return $best;
    }

    /** Planned through, as far as it can still be better than the best so far. */
    private static function through(Openings $openings, Prospect $prospect, Source $source, ?Strategy $best): Strategy
    {
        $opened = $openings->by(
            $source,
            $prospect->approach,
            alcohol: false,
            enough: static function (array $opened) use ($prospect, $source, $best): bool {
                $so = Strategy::of($prospect->tried, $source, $prospect->approach, $opened);

                return !$so->works() || ($best?->works() === true && !$so->isBetterThan($best));
            },
        );

        return Strategy::of($prospect->tried, $source, $prospect->approach, $opened);
    }

    /**
     * @param non-empty-list<BondAhead> $bonds
     * @param non-empty-list<Source>    $settings
     *
     * @return non-empty-list<Prospect> the most promising first
     */
    private function prospects(array $bonds, array $settings, bool $holds, ?Source $preheat): array
    {
        $prospects = [];
        foreach ($settings as $tried => $source) {
            foreach (self::approaches($source, $holds, $preheat) as $approach) {
                $prospects[] = Prospect::of($bonds, $tried, $source, $approach);
            }
        }
        usort($prospects, static fn(Prospect $a, Prospect $b): int => $a->burden <=> $b->burden);

        return $prospects;
    }

    /** @return non-empty-list<Approach> */
    private static function approaches(Source $source, bool $holds, ?Source $preheat): array
    {
        return match (true) {
            $source->covers === null || !$holds => [Approach::liftAndCut()],
            $preheat === null => [Approach::held(), Approach::liftAndCut()],
            default => [Approach::held($preheat), Approach::held(), Approach::liftAndCut()],
        };
    }

    private static function hottestPlate(Means $means): ?Source
    {
        $hottest = null;
        foreach (array_merge(...$means->sources) as $source) {
            if ($source->kind === SourceKind::Plate && ($hottest === null || $source->set > $hottest->set)) {
                $hottest = $source;
            }
        }

        return $hottest;
    }
}
