<?php

declare(strict_types=1);

namespace Facelift\Heat;

/**
 * The estimated temperatures of one bond through heating and resting, edge and battery stacks side by side.
 *
 * A session goes forward in time only: it is made and thrown away by a planner.
 */
final class Session
{
    private const STEP = 2.0;
    /** Looked ahead for the bond to grip again, and at a rest, s. */
    private const AHEAD = 600.0;

    private ?float $gripsIn = null;
    private float $clock = 0.0;
    /** @var list<Sample> */
    private array $samples = [];
    /** @var list<HeatPhase> */
    private array $phases = [];

    public function __construct(
        private readonly Lanes $lanes,
        private readonly Carried $before,
        private readonly Source $source,
        public readonly AdhesiveWindow $window,
        public readonly Limits $limits,
    ) {
        $this->samples[] = $lanes->sample(0.0);
    }

    /** Heats until the bond is well inside its window, or a limit ends it. */
    public function heat(): HeatingEnd
    {
        $from = $this->clock;
        $this->lanes->heat($this->source);
        do {
            $this->step(self::STEP);
            $binding = $this->binding($from);
        } while (!$binding instanceof Binding);
        $this->lanes->rest();
        $this->phases[] = new HeatPhase(PhaseKind::Heat, $from, $this->clock);
        $end = $this->now();

        return new HeatingEnd($this->clock - $from, $binding, $end, $end->bond >= $this->window->low);
    }

    /** Turns to another stretch of the edge, which no source has been near yet. */
    public function elsewhere(): void
    {
        $this->lanes->elsewhere();
        $this->gripsIn = null;
    }

    /** mm of edge that one heating frees; without end for a source that heats all round. */
    public function covers(): float
    {
        return $this->source->covers ?? \INF;
    }

    /** Seconds from now in still air until the bond grips again; nothing moves. */
    public function workingWindow(): float
    {
        if ($this->gripsIn !== null) {
            return $this->gripsIn;
        }
        $ahead = clone $this->lanes->edge;
        $ahead->rest();
        $seconds = 0.0;
        while ($this->lanes->bondOf($ahead) > $this->window->low && $seconds < self::AHEAD) {
            $ahead->advance(self::STEP);
            $seconds += self::STEP;
        }

        return $this->gripsIn = $seconds;
    }

    /** Lets the phone lie in still air while something is cut. */
    public function cut(float $seconds): void
    {
        $from = $this->clock;
        while ($this->clock - $from < $seconds - 1e-9) {
            $this->step(self::STEP);
        }
        $this->phases[] = new HeatPhase(PhaseKind::Cut, $from, $this->clock);
    }

    /** Lets the phone lie until the battery is down to `$battery` °C, and says how many seconds that took. */
    public function rest(float $battery): float
    {
        $from = $this->clock;
        while ($this->now()->battery > $battery && $this->clock - $from < 2 * self::AHEAD) {
            $this->step(self::STEP);
        }
        $this->phases[] = new HeatPhase(PhaseKind::Rest, $from, $this->clock);

        return $this->clock - $from;
    }

    /** What the phone carries with it from here. */
    public function leaves(): Carried
    {
        return $this->before->warmAs($this->lanes);
    }

    public function now(): Sample
    {
        return $this->samples[\count($this->samples) - 1];
    }

    /** @return list<Sample> */
    public function samples(): array
    {
        return $this->samples;
    }

    /** @return list<HeatPhase> */
    public function phases(): array
    {
        return $this->phases;
    }

    private function binding(float $from): ?Binding
    {
        if ($this->now()->bond >= $this->window->target()) {
            return Binding::Target;
        }

        return $this->limits->firstReached($this->now())
            ?? ($this->clock - $from >= Usual::LONGEST_HEATING ? Binding::Time : null);
    }

    private function step(float $seconds): void
    {
        $this->lanes->advance($seconds);
        $this->clock += $seconds;
        $this->gripsIn = null;
        $this->samples[] = $this->lanes->sample($this->clock);
    }
}
