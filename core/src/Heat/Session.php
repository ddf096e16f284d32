<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;
use Facelift\Anatomy\Phone;

/**
 * The estimated temperatures of one bond through heating and resting, edge and battery stacks side by side.
 *
 * A session goes forward in time only: it is the one mutable object of the room, made and thrown away by a planner.
 */
final class Session
{
    private const STEP = 2.0;
    private const LONGEST = 600.0;

    private readonly Lane $edge;
    private readonly Lane $centre;
    private readonly int $bondLayer;
    private readonly int $panelLayer;
    private readonly int $batteryLayer;
    private readonly int $frameLayer;
    private ?float $gripsIn = null;
    private float $clock = 0.0;
    /** @var list<Sample> */
    private array $samples = [];
    /** @var list<HeatPhase> */
    private array $phases = [];

    public function __construct(
        Phone $phone,
        Bond $bond,
        private readonly Source $source,
        public readonly AdhesiveWindow $window,
        public readonly Limits $limits,
        private readonly float $room,
    ) {
        $edgeLayers = $phone->stacks[(string) $bond->stack];
        $centreLayers = $phone->stacks[(string) $bond->batteryStack];
        $this->edge = new Lane($edgeLayers, $room);
        $this->centre = new Lane($centreLayers, $room, 5);
        $this->bondLayer = self::layer($edgeLayers, LayerRole::Bond);
        $this->panelLayer = self::layer($centreLayers, LayerRole::Panel);
        $this->batteryLayer = self::layer($centreLayers, LayerRole::Battery);
        $this->frameLayer = self::layer($edgeLayers, LayerRole::Frame);
        $this->samples[] = $this->sample();
    }

    /** Heats until the bond is well inside its window, or a limit ends it. */
    public function heat(): Heating
    {
        $from = $this->clock;
        $target = $this->window->target();
        $this->edge->heat($this->source);
        $this->centre->heat($this->source);
        do {
            $this->step(self::STEP);
            $binding = $this->binding($target, $from);
        } while (!$binding instanceof Binding);
        $this->edge->rest();
        $this->centre->rest();
        $this->phases[] = new HeatPhase('heat', $from, $this->clock);
        $end = $this->now();

        return new Heating($this->clock - $from, $binding, $end, $end->bond >= $this->window->low);
    }

    /** Seconds from now in still air until the bond grips again; nothing moves. */
    public function workingWindow(): float
    {
        if ($this->gripsIn !== null) {
            return $this->gripsIn;
        }
        $ahead = clone $this->edge;
        $ahead->rest();
        $seconds = 0.0;
        while ($ahead->meanOf($this->bondLayer) > $this->window->low && $seconds < self::LONGEST) {
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
        $this->phases[] = new HeatPhase('cut', $from, $this->clock);
    }

    /** Lets the phone lie until the battery is down to `$battery` °C, and says how many seconds that took. */
    public function rest(float $battery): float
    {
        $from = $this->clock;
        while ($this->now()->battery > $battery && $this->clock - $from < 2 * self::LONGEST) {
            $this->step(self::STEP);
        }
        $this->phases[] = new HeatPhase('rest', $from, $this->clock);

        return $this->clock - $from;
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

    private function binding(float $target, float $from): ?Binding
    {
        $now = $this->now();

        return match (true) {
            $now->bond >= $target => Binding::Target,
            $now->battery >= $this->limits->batteryCaution => Binding::Battery,
            $now->panel >= $this->limits->panel => Binding::Panel,
            $this->limits->plasticFrame !== null && $now->frame >= $this->limits->plasticFrame => Binding::Frame,
            $this->clock - $from >= self::LONGEST => Binding::Time,
            default => null,
        };
    }

    private function step(float $seconds): void
    {
        $this->edge->advance($seconds);
        $this->centre->advance($seconds);
        $this->clock += $seconds;
        $this->gripsIn = null;
        $this->samples[] = $this->sample();
    }

    private function sample(): Sample
    {
        return new Sample($this->clock, $this->edge->meanOf($this->bondLayer), $this->centre->meanOf($this->panelLayer), $this->centre->frontOf($this->batteryLayer), $this->edge->outerFace(), $this->edge->frontOf($this->frameLayer));
    }

    /** @param list<Layer> $layers */
    private static function layer(array $layers, LayerRole $role): int
    {
        foreach ($layers as $i => $layer) {
            if ($layer->role === $role) {
                return $i;
            }
        }

        return 0;
    }
}
