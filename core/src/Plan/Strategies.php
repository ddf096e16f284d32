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
 * better than what was found, until two have come out worse; how near that comes to trying everything is measured by
 * `./facelift bench`.
 */
final readonly class Strategies
{
    /** So many ways that came out worse end the search. */
    private const WORSE = 2;
    /** A source that comes out so many times worse than another is not looked into further. */
    private const FAR = 1.25;

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
        $preheats = self::plates($means);
        $best = [];
        $least = \INF;
        foreach ($means->sources as $settings) {
            $of = $this->best(
                $openings,
                $bonds,
                $settings,
                $means->holds,
                $preheats,
                $least,
            );
            $least = $of->works() ? min($least, $of->burden()) : $least;
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

    /**
     * @param non-empty-list<BondAhead> $bonds
     * @param non-empty-list<Source>    $settings
     * @param list<Source>              $preheats
     * @param float                     $least    s of burden of the best source so far
     */
    private function best(
        Openings $openings,
        array $bonds,
        array $settings,
        bool $holds,
        array $preheats,
        float $least,
    ): Strategy {
        $best = null;
        $worse = 0;
        foreach ($this->prospects($bonds, $settings, $holds, $preheats) as $prospect) {
            $far = $best?->works() === true && $best->burden() > self::FAR * $least;
            if ($far || ($best?->works() === true && $prospect->burden >= $best->burden())) {
                break;
            }
            // Another plate before the same gun is tried only where the gun came out best.
            $isOther = isset($preheats[1]) && $prospect->approach->preheat === $preheats[1];
            if ($isOther && $best?->tried !== $prospect->tried) {
                continue;
            }
            $found = $prospect->burden === \INF
                ? Strategy::tooCold($prospect->tried, $settings[$prospect->tried], $prospect->approach)
                : self::through($openings, $prospect, $settings[$prospect->tried], $best);
            $better = $best === null || $found->isBetterThan($best);
            if (!$better && $best->works() && ++$worse >= self::WORSE) {
                break;
            }
            $best = $better ? $found : $best;
        }

        return $best ?? throw new \LogicException('a source without a setting');
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
     * @param list<Source>              $preheats
     *
     * @return non-empty-list<Prospect> the most promising first
     */
    private function prospects(array $bonds, array $settings, bool $holds, array $preheats): array
    {
        $prospects = [];
        foreach ($settings as $tried => $source) {
            foreach (self::approaches($source, $holds, $preheats) as $approach) {
                $prospects[] = Prospect::of($bonds, $tried, $source, $approach);
            }
        }
        usort($prospects, static fn(Prospect $a, Prospect $b): int => $a->burden <=> $b->burden);

        return $prospects;
    }

    /**
     * @param list<Source> $preheats
     *
     * @return non-empty-list<Approach>
     */
    private static function approaches(Source $source, bool $holds, array $preheats): array
    {
        return $source->covers === null || !$holds
            ? [Approach::liftAndCut()]
            : [...array_map(Approach::held(...), $preheats), Approach::held(), Approach::liftAndCut()];
    }

    /** @return list<Source> the two hottest settings of a plate: what the whole phone is warmed with first */
    private static function plates(Means $means): array
    {
        $plates = array_values(array_filter(
            array_merge(...$means->sources),
            static fn(Source $s): bool => $s->kind === SourceKind::Plate,
        ));
        usort($plates, static fn(Source $a, Source $b): int => $b->set <=> $a->set);

        return \array_slice($plates, 0, 2);
    }
}
