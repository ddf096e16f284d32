<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Heat\Source;
use Facelift\Plan\Internal\Openings;
use Facelift\Route\NoWayIn;
use Facelift\Route\RoutePlanner;

/** Every source of a shop side by side: each planned through at the settings that are usual for it. */
final readonly class Strategies
{
    public function __construct(private RoutePlanner $routes = new RoutePlanner()) {}

    /**
     * @param list<non-empty-list<Source>> $sources the settings to try of each source
     *
     * @return list<Strategy> the best setting of each source, in their order; empty if nothing has to be heated
     *
     * @throws NoWayIn If the phone file blocks itself.
     */
    public function of(Request $request, array $sources): array
    {
        $route = $this->routes->plan($request->phone, $request->replacement, $request->oldPanel());
        $openings = new Openings($request, $route);
        $best = [];
        foreach ($sources as $settings) {
            $of = null;
            foreach ($settings as $tried => $source) {
                $opened = $openings->by($source, alcohol: false);
                if ($opened === []) {
                    return [];
                }
                $strategy = Strategy::of($tried, $opened);
                $of = $of === null || $strategy->isBetterThan($of) ? $strategy : $of;
            }
            $best[] = $of;
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
}
