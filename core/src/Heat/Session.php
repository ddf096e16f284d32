<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Phone;

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
    /** A heating that ends this far below its target is still worth it, K (engineering estimate). */
    private const ABOUT = 8.0;
    /** K to target and limits from which on it is looked at every two seconds. */
    private const FAR = 8.0;
    /** Points of a cooling curve, and of what happens slowly, s. */
    private const EVERY = 4.0;
    /** Within this of the target the next stretch is as warm as it has to be, K (engineering estimate). */
    private const WARM = 1.0;
    /** Points of a rest, s. */
    private const SLOWLY = 12.0;
    /** Windows are looked at so many standard deviations below what they are taken for. */
    private const LOWEST = 3.0;

    /** What a limit has ended is kept this much colder, K (engineering estimate). */
    private const CLEAR = 1.0;

    private float $clock = 0.0;
    /** s at which the bond was last lifted off, and how it cools from there; null while nothing cools */
    private ?BondCurve $cooling = null;
    private float $since = 0.0;
    private float $off = 0.0;
    private bool $heated = false;
    /** °C at which the stretch in hand is kept; null before that is known */
    private ?float $keptAt = null;
    /** @var list<Sample> */
    private array $samples = [];
    /** @var list<HeatPhase> */
    private array $phases = [];

    private function __construct(
        private Twin $twin,
        private readonly Source $source,
        public readonly AdhesiveWindow $window,
        public readonly Limits $limits,
        public readonly PaceCurve $pace,
        public readonly Uncertainty $uncertainty,
        private readonly float $room,
    ) {
        $this->samples[] = $twin->likely->sample(0.0);
    }

    /**
     * The bond has to be one that is warmed.
     *
     * @param CarriedOver|null $before what the phone carries with it from what was heated before; null for a cold one
     * @param float            $rested s that it has lain since then, zero or more
     * @param AdhesiveWindow|null $window of its adhesive; null for the estimate
     */
    public static function of(
        Phone $phone,
        Bond $bond,
        Source $source,
        AdhesiveState $state,
        Limits $limits,
        float $room = Usual::ROOM,
        ?CarriedOver $before = null,
        float $rested = 0.0,
        ?AdhesiveWindow $window = null,
    ): self {
        $window ??= AdhesiveWindow::of($bond->adhesive, $state);
        $off = Uncertainty::of($source, $state, $window);
        $twin = Twin::from(
            Stack::edgeOf($phone, $bond),
            Stack::centreOf($phone, $bond),
            $before ?? CarriedOver::same(Carried::nothing($room)),
            $off,
        );
        $twin->advance($rested);

        return new self(
            $twin,
            $source,
            $window,
            $limits,
            PaceCurve::of($bond->adhesive, $window),
            $off,
            $room,
        );
    }

    /**
     * From where a phone really is: what happened to it so far has been followed.
     *
     * @param Carried                    $before    what it came to this bond with
     * @param \Closure(Source): Programme $programme what was done to it since then, given the source
     */
    public static function resumed(
        Phone $phone,
        Bond $bond,
        Source $source,
        AdhesiveWindow $window,
        Limits $limits,
        Uncertainty $off,
        Carried $before,
        \Closure $programme,
    ): self {
        $curves = Curves::after($before, $phone, $bond);
        $twin = new Twin(
            $curves->lanes($programme($source)),
            $curves->lanes($programme($off->hottest($source))),
            CarriedOver::same($before),
            $off,
        );
        $twin->rest();

        return new self(
            $twin,
            $source,
            $window,
            $limits,
            PaceCurve::of($bond->adhesive, $window),
            $off,
            $before->room,
        );
    }

    /**
     * Heats until the bond is well inside its window, or a limit ends it.
     *
     * @param Source|null $by another source than the session's own; null for that one
     */
    public function heat(?Source $by = null): HeatingEnd
    {
        $from = $this->clock;
        $this->twin->heat($by ?? $this->source);
        do {
            $this->step($this->isFar() ? self::EVERY : self::STEP);
            $binding = $this->binding($from);
        } while (!$binding instanceof Binding);
        $this->twin->rest();
        [$this->cooling, $this->off, $this->heated] = [null, $this->clock, true];
        $this->keptAt = $this->now()->bond - ($binding === Binding::Target ? 0.0 : self::CLEAR);
        $this->phases[] = new HeatPhase(PhaseKind::Heat, $from, $this->clock);
        $end = $this->now();

        return new HeatingEnd($this->clock - $from, $binding, $end, $end->bond >= $this->window->low);
    }

    /** True if the battery lets one more heating get the bond about as warm as it is meant to be: tried on a copy. */
    public function hasRoom(): bool
    {
        $tried = clone $this;
        $end = $tried->heat();

        return $end->binding !== Binding::Battery || $end->end->bond >= $this->window->target() - self::ABOUT;
    }

    /** Turns to the next stretch of the edge. */
    public function elsewhere(): void
    {
        $this->twin->elsewhere();
        [$this->cooling, $this->keptAt] = [null, null];
        $this->samples[] = $this->twin->likely->sample($this->clock);
    }

    /** True if the next stretch is as warm as a heating would make it: the source has gone ahead to it. */
    public function nextIsWarm(): bool
    {
        return $this->twin->likely->bondAhead() >= min($this->window->target(), $this->now()->bond) - self::WARM;
    }

    /** mm of edge that one heating frees; without end for a source that heats all round. */
    public function covers(): float
    {
        return $this->source->covers ?? \INF;
    }

    /** Seconds from now in still air until the bond grips again; nothing moves. */
    public function workingWindow(): float
    {
        return $this->cooling()->above($this->window->low, $this->clock - $this->since);
    }

    /** How the stretch in hand cools, from when it was lifted off on, and s on it that it has cooled by now. */
    public function cooling(): BondCurve
    {
        if ($this->cooling === null) {
            $lowest = $this->pace->wet()->window->low - self::LOWEST * $this->uncertainty->window;
            $this->cooling = $this->twin->cooling($lowest, self::EVERY, self::AHEAD);
            $this->since = $this->clock;
        }

        return $this->cooling;
    }

    /** s on the cooling curve by now */
    public function cooled(): float
    {
        $this->cooling();

        return $this->clock - $this->since;
    }

    /** Lets the phone lie in still air while something is cut. */
    public function cut(float $seconds): void
    {
        $this->cooling();
        $from = $this->clock;
        while ($this->clock - $from < $seconds - 1e-9) {
            $this->step(min(self::EVERY, $seconds - $this->clock + $from));
        }
        $this->phases[] = new HeatPhase(PhaseKind::Cut, $from, $this->clock);
    }

    /**
     * Cuts while the source goes on, until so many mm of straight edge are through or a limit ends it.
     *
     * @param float      $mm    zero for a time that is given
     * @param float|null $seconds how long; null for as long as the mm take
     * @param bool       $stillThat true if it belongs to the holding before it
     */
    public function hold(float $mm, ?float $seconds = null, bool $stillThat = false): Held
    {
        $from = $this->clock;
        $hold = new Hold($this->twin->likely, $this->keptAt());
        $likely = [$this->now()->bond];
        $hot = [$this->twin->hottest($this->clock)->bond];
        $reached = 0.0;
        do {
            $at = $hold->at();
            // Hotter than estimated it would pass a limit here: it goes on ahead instead.
            $this->twin->keep($this->source, $at === HoldAt::Stretch && $this->limit() !== null ? HoldAt::Away : $at);
            $before = $this->pace->at($this->now()->bond);
            $step = Hold::EVERY;
            if ($seconds !== null) {
                $step = min($step, $seconds - ($this->clock - $from));
            } elseif ($before > 0.0) {
                $step = min($step, max(0.1, ($mm - $reached) / $before));
            }
            $this->step($step);
            $reached += $step * ($before + $this->pace->at($this->now()->bond)) / 2;
            $likely[] = $this->now()->bond;
            $hot[] = $this->twin->hottest($this->clock)->bond;
            $limit = $this->limit() === Binding::Battery ? Binding::Battery : null;
            $through = $seconds === null ? $reached >= $mm - 0.1 : $this->clock - $from >= $seconds - 1e-9;
        } while (!$through && $limit === null && $this->clock - $from < Usual::LONGEST_HEATING);
        $this->cooling = null;
        $before = $stillThat ? array_pop($this->phases) : null;
        $this->phases[] = new HeatPhase(PhaseKind::Hold, $before->from ?? $from, $this->clock);

        return new Held(
            $this->clock - $from,
            $through ? $mm : $reached,
            new BondCurve(Hold::EVERY, $likely, $hot, $this->room),
            $through ? null : $limit ?? Binding::Time,
        );
    }

    /** °C at which the stretch in hand is kept: as it was heated, or a little clear of the limit that ended that. */
    public function keptAt(): float
    {
        return $this->keptAt ??= $this->now()->bond;
    }

    /** The source is taken away. */
    public function off(): void
    {
        $this->twin->rest();
        [$this->cooling, $this->off] = [null, $this->clock];
    }

    /** Lets the phone lie until the battery is down to `$battery` °C, and says how many seconds that took. */
    public function rest(float $battery): float
    {
        $from = $this->clock;
        while ($this->now()->battery > $battery && $this->clock - $from < 2 * self::AHEAD) {
            $this->step(self::SLOWLY);
        }
        $this->rested($from);

        return $this->clock - $from;
    }

    /** s until the source is as hot as it was, from now on: a bag goes back into the microwave once it is off */
    public function hotAgainIn(): float
    {
        return $this->heated ? max(0.0, $this->source->hotAgainAfter($this->room) - ($this->clock - $this->off)) : 0.0;
    }

    /** Lets the phone lie for so many seconds. */
    public function wait(float $seconds): void
    {
        $from = $this->clock;
        for ($left = $seconds; $left > 1e-9; $left -= self::SLOWLY) {
            $this->step(min(self::SLOWLY, $left));
        }
        $this->rested($from);
    }

    /** What the phone carries with it from here. */
    public function leaves(): CarriedOver
    {
        return $this->twin->leaves();
    }

    /** The highest temperatures so far with a source hotter than 95 of 100. */
    public function worst(): Worst
    {
        return $this->twin->worst();
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

    public function __clone()
    {
        $this->twin = clone $this->twin;
    }

    private function rested(float $from): void
    {
        $this->cooling = null;
        $this->phases[] = new HeatPhase(PhaseKind::Rest, $from, $this->clock);
    }

    /** True while the target and every limit are some kelvin away. */
    private function isFar(): bool
    {
        $now = $this->now();

        return $now->bond < $this->window->target() - self::FAR
            && $now->panel < $this->limits->panel - 2 * self::FAR
            && $now->battery < $this->limits->batteryCaution - self::FAR;
    }

    private function binding(float $from): ?Binding
    {
        if ($this->now()->bond >= $this->window->target()) {
            return Binding::Target;
        }

        return $this->limit() ?? ($this->clock - $from >= Usual::LONGEST_HEATING ? Binding::Time : null);
    }

    /** The first limit that is reached, or that would be passed a moment later with a source hotter than estimated. */
    private function limit(): ?Binding
    {
        return $this->limits->firstReached($this->now())
            ?? $this->limits->firstPassed($this->twin->hottest($this->clock));
    }

    private function step(float $seconds): void
    {
        $this->twin->advance($seconds);
        $this->clock += $seconds;
        $this->samples[] = $this->twin->likely->sample($this->clock);
    }
}
