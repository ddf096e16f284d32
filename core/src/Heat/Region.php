<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Phone;

/**
 * Which settings and times work for a bond: the feasible region of a source.
 *
 * Conduction is linear, so temperatures above the room scale with the setting above the room: one heating, and one
 * cooling
 * from each moment looked at, serve every setting.
 */
final readonly class Region
{
    /**
     * The bond has to stay workable for this long after lifting off, s: the first gap takes half a minute (common
     * practice, no source).
     */
    public const LEAST_WINDOW = 40.0;
    /** Margins that differ by less are as good as each other, K. */
    private const AS_GOOD = 2.0;
    private const STEP = 4.0;
    private const LONGEST_WINDOW = 300.0;

    public function __construct(
        private Stack $edge,
        private Stack $centre,
        private AdhesiveWindow $window,
        private Limits $limits = new Limits(),
        private float $room = Usual::ROOM,
    ) {}

    /** The bond has to be one that is warmed. */
    public static function of(
        Phone $phone,
        Bond $bond,
        AdhesiveWindow $window,
        Limits $limits,
        float $room = Usual::ROOM,
    ): self {
        return new self(
            Stack::edgeOf($phone, $bond),
            Stack::centreOf($phone, $bond),
            $window,
            $limits,
            $room,
        );
    }

    /**
     * @param list<float> $sets  °C, each in the range of the source
     * @param list<float> $times s, rising
     *
     * @return list<Candidate> setting by setting, each with all times
     */
    public function points(Source $source, array $sets, array $times): array
    {
        $unit = $this->unit($source, $times);
        $points = [];
        foreach ($sets as $set) {
            $rise = $set - $this->room;
            foreach (array_keys($times) as $i) {
                // Nobody lifts off to the second: the margin has to hold at the next time as well.
                $points[] = $this->candidate($set, $rise, $unit[$i], $unit[$i + 1] ?? $unit[$i]);
            }
        }

        return $points;
    }

    /**
     * The gentlest pair that works: of those within two kelvin of the largest margin the lowest setting, then the
     * shorter time.
     *
     * @param list<Candidate> $points
     */
    public static function gentlest(array $points): ?Candidate
    {
        $works = array_values(array_filter($points, static fn(Candidate $p): bool => $p->works()));
        $most = $works === [] ? 0.0 : max(array_map(static fn(Candidate $p): float => $p->margin, $works));
        $gentle = array_values(
            array_filter($works, static fn(Candidate $p): bool => $p->margin >= $most - self::AS_GOOD),
        );
        usort(
            $gentle,
            static fn(Candidate $a, Candidate $b): int => [$a->set, $a->seconds()] <=> [$b->set, $b->seconds()],
        );

        return $gentle[0] ?? null;
    }

    /**
     * Share of the source's temperature above the room that each place has reached by each time, and how the bond's
     * share falls afterwards.
     *
     * @param list<float> $times
     *
     * @return list<array{Sample, list<float>}>
     */
    private function unit(Source $source, array $times): array
    {
        $lanes = new Lanes($this->edge, $this->centre, Carried::nothing($this->room));
        // At the hottest that it can be set to: the room is never as hot, and every setting is a share of it.
        $hot = $source->at($source->kind->range()[1]);
        $lanes->heat($hot);
        $rise = $hot->set - $this->room;
        $unit = [];
        $clock = 0.0;
        foreach ($times as $time) {
            $lanes->advance($time - $clock);
            $clock = $time;
            $unit[] = [
                self::scaled($lanes->sample($time), -$this->room / $rise, 1 / $rise),
                $this->falling($lanes, $rise),
            ];
        }

        return $unit;
    }

    /** Every temperature multiplied first, then shifted. */
    private static function scaled(Sample $s, float $shift, float $times): Sample
    {
        $of = static fn(float $t): float => $t * $times + $shift;

        return new Sample(
            $s->second,
            $of($s->bond),
            $of($s->panel),
            $of($s->battery),
            $of($s->outerFace),
            $of($s->frame),
        );
    }

    /** @return list<float> share of the bond, every few seconds after lifting off */
    private function falling(Lanes $lanes, float $rise): array
    {
        $edge = clone $lanes->edge;
        $edge->rest();
        $share = fn(): float => ($lanes->bondOf($edge) - $this->room) / $rise;
        $shares = [$share()];
        for ($s = self::STEP; $s <= self::LONGEST_WINDOW; $s += self::STEP) {
            $edge->advance(self::STEP);
            $shares[] = $share();
        }

        return $shares;
    }

    /**
     * @param array{Sample, list<float>} $unit
     * @param array{Sample, list<float>} $later
     */
    private function candidate(float $set, float $rise, array $unit, array $later): Candidate
    {
        $here = self::scaled($unit[0], $this->room, $rise);
        $next = self::scaled($later[0], $this->room, $rise);
        $window = $this->openFor($unit[1], $rise);
        $binding = match (true) {
            $here->bond < $this->window->low || $window < self::LEAST_WINDOW => Binding::Time,
            default => $this->limits->firstReached($here)
                ?? ($here->bond > $this->window->high ? Binding::Panel : Binding::Target),
        };

        return new Candidate(
            $set,
            $here,
            $window,
            $this->margin($here, $next),
            $binding,
        );
    }

    /** K to the nearest limit, that of staying on a moment longer included. */
    private function margin(Sample $here, Sample $next): float
    {
        return min(
            $here->bond - $this->window->low,
            $this->limits->batteryCaution - $next->battery,
            $this->limits->panel - $next->panel,
            $this->window->high - $next->bond,
            ($this->limits->plasticFrame ?? \INF) - $next->frame,
        );
    }

    /** @param list<float> $falling */
    private function openFor(array $falling, float $rise): float
    {
        $window = 0.0;
        foreach ($falling as $i => $share) {
            if ($this->room + $rise * $share < $this->window->low) {
                break;
            }
            $window = $i * self::STEP;
        }

        return $window;
    }
}
