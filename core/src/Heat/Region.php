<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;

/**
 * Which settings and times work for a bond: the feasible region of a source.
 *
 * Conduction is linear, so temperatures above the room scale with the setting above the room: one heating, and one cooling
 * from each moment looked at, serve every setting.
 */
final readonly class Region
{
    /** The bond has to stay workable for this long after lifting off, s: the first gap takes half a minute (common practice, no source). */
    public const LEAST_WINDOW = 40.0;
    /** Margins that differ by less are as good as each other, K. */
    private const AS_GOOD = 2.0;
    private const STEP = 4.0;
    private const LONGEST_WINDOW = 300.0;

    /**
     * @param list<Layer> $edge
     * @param list<Layer> $centre
     */
    public function __construct(private array $edge, private array $centre, private AdhesiveWindow $window, private Limits $limits = new Limits(), private float $room = 22.0) {}

    /**
     * @param list<float> $sets  °C, each in the range of the source
     * @param list<float> $times s, rising
     *
     * @return list<Point> setting by setting, each with all times
     */
    public function points(Source $source, array $sets, array $times): array
    {
        $unit = $this->unit($source, $times);
        $points = [];
        foreach ($sets as $set) {
            $rise = $set - $this->room;
            foreach ($times as $i => $seconds) {
                // Nobody lifts off to the second: the margin has to hold at the next time as well.
                $points[] = $this->point($set, $seconds, $rise, $unit[$i], $unit[$i + 1] ?? $unit[$i]);
            }
        }

        return $points;
    }

    /**
     * The gentlest pair that works: of those within two kelvin of the largest margin the lowest setting, then the shorter time.
     *
     * @param list<Point> $points
     */
    public static function gentlest(array $points): ?Point
    {
        $works = array_values(array_filter($points, static fn(Point $p): bool => $p->works()));
        $most = $works === [] ? 0.0 : max(array_map(static fn(Point $p): float => $p->margin, $works));
        $gentle = array_values(array_filter($works, static fn(Point $p): bool => $p->margin >= $most - self::AS_GOOD));
        usort($gentle, static fn(Point $a, Point $b): int => [$a->set, $a->seconds] <=> [$b->set, $b->seconds]);

        return $gentle[0] ?? null;
    }

    /**
     * Share of the source's temperature above the room that each place has reached by each time, and how the bond's share falls afterwards.
     *
     * @param list<float> $times
     *
     * @return list<array{bond: float, panel: float, battery: float, outer: float, frame: float, falling: list<float>}>
     */
    private function unit(Source $source, array $times): array
    {
        $edge = new Lane($this->edge, $this->room);
        $centre = new Lane($this->centre, $this->room, 5);
        $edge->heat($source);
        $centre->heat($source);
        $rise = $source->set - $this->room;
        $share = fn(float $t): float => ($t - $this->room) / $rise;
        $bond = self::layer($this->edge, LayerRole::Bond);
        $panel = self::layer($this->centre, LayerRole::Panel);
        $battery = self::layer($this->centre, LayerRole::Battery);
        $frame = self::layer($this->edge, LayerRole::Frame);
        $unit = [];
        $clock = 0.0;
        foreach ($times as $time) {
            $edge->advance($time - $clock);
            $centre->advance($time - $clock);
            $clock = $time;
            $unit[] = [
                'bond' => $share($edge->meanOf($bond ?? 0)), 'panel' => $panel === null ? 0.0 : $share($centre->meanOf($panel)),
                'battery' => $battery === null ? 0.0 : $share($centre->frontOf($battery)), 'outer' => $share($edge->outerFace()),
                'frame' => $frame === null ? 0.0 : $share($edge->frontOf($frame)),
                'falling' => $this->falling(clone $edge, $bond ?? 0, $share),
            ];
        }

        return $unit;
    }

    /**
     * @param \Closure(float): float $share
     *
     * @return list<float> every few seconds after lifting off
     */
    private function falling(Lane $edge, int $bond, \Closure $share): array
    {
        $edge->rest();
        $shares = [$share($edge->meanOf($bond))];
        for ($s = self::STEP; $s <= self::LONGEST_WINDOW; $s += self::STEP) {
            $edge->advance(self::STEP);
            $shares[] = $share($edge->meanOf($bond));
        }

        return $shares;
    }

    /**
     * @param array{bond: float, panel: float, battery: float, outer: float, frame: float, falling: list<float>} $unit
     * @param array{bond: float, panel: float, battery: float, outer: float, frame: float, falling: list<float>} $later
     */
    private function point(float $set, float $seconds, float $rise, array $unit, array $later): Point
    {
        $at = fn(float $share): float => $this->room + $rise * $share;
        $window = 0.0;
        foreach ($unit['falling'] as $i => $share) {
            if ($at($share) < $this->window->low) {
                break;
            }
            $window = $i * self::STEP;
        }
        $bond = $at($unit['bond']);
        $plastic = $this->limits->plasticFrame ?? \INF;
        $margin = min($bond - $this->window->low, $this->limits->batteryCaution - $at($later['battery']), $this->limits->panel - $at($later['panel']), $this->window->high - $at($later['bond']), $plastic - $at($later['frame']));
        $binding = match (true) {
            $bond < $this->window->low || $window < self::LEAST_WINDOW => Binding::Time,
            $at($unit['battery']) >= $this->limits->batteryCaution => Binding::Battery,
            $at($unit['panel']) >= $this->limits->panel || $bond > $this->window->high => Binding::Panel,
            $at($unit['frame']) >= $plastic => Binding::Frame,
            default => Binding::Target,
        };

        return new Point($set, $seconds, $bond, $at($unit['panel']), $at($unit['battery']), $at($unit['outer']), $window, $margin, $binding);
    }

    /** @param list<Layer> $layers */
    private static function layer(array $layers, LayerRole $role): ?int
    {
        foreach ($layers as $i => $layer) {
            if ($layer->role === $role) {
                return $i;
            }
        }

        return null;
    }
}
