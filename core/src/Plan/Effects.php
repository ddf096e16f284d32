<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Place;
use Facelift\Anatomy\Thing;

/** What a step does to the ledger. */
final readonly class Effects
{
    public function __construct(
        public ScrewCount $screws,
        public Exchange $connectors,
        public Exchange $parts,
        public ThingChange $things,
        public Wetness $wetness,
    ) {}

    public static function none(): self
    {
        return new self(
            new ScrewCount(),
            new Exchange(),
            new Exchange(),
            new ThingChange(),
            new Wetness(),
        );
    }

    public function unscrewing(string $group, int $count): self
    {
        return $this->screwed(new ScrewCount([$group => $count]));
    }

    public function screwing(string $group, int $count): self
    {
        return $this->screwed(new ScrewCount([], [$group => $count]));
    }

    public function unplugging(string ...$connectors): self
    {
        return new self(
            $this->screws,
            $this->connectors->out(...$connectors),
            $this->parts,
            $this->things,
            $this->wetness,
        );
    }

    public function plugging(string ...$connectors): self
    {
        return new self(
            $this->screws,
            $this->connectors->in(...$connectors),
            $this->parts,
            $this->things,
            $this->wetness,
        );
    }

    public function lifting(string ...$parts): self
    {
        return new self(
            $this->screws,
            $this->connectors,
            $this->parts->out(...$parts),
            $this->things,
            $this->wetness,
        );
    }

    public function fitting(string ...$parts): self
    {
        return new self(
            $this->screws,
            $this->connectors,
            $this->parts->in(...$parts),
            $this->things,
            $this->wetness,
        );
    }

    public function putting(Thing ...$things): self
    {
        $all = new ThingChange([...$this->things->puts, ...array_values($things)], $this->things->takes);

        return new self(
            $this->screws,
            $this->connectors,
            $this->parts,
            $all,
            $this->wetness,
        );
    }

    public function taking(Thing ...$things): self
    {
        $all = new ThingChange($this->things->puts, [...$this->things->takes, ...array_values($things)]);

        return new self(
            $this->screws,
            $this->connectors,
            $this->parts,
            $all,
            $this->wetness,
        );
    }

    public function wetting(Place $place): self
    {
        return new self(
            $this->screws,
            $this->connectors,
            $this->parts,
            $this->things,
            new Wetness($place),
        );
    }

    public function drying(Place $place): self
    {
        return new self(
            $this->screws,
            $this->connectors,
            $this->parts,
            $this->things,
            new Wetness(null, $place),
        );
    }

    private function screwed(ScrewCount $count): self
    {
        return new self(
            $count,
            $this->connectors,
            $this->parts,
            $this->things,
            $this->wetness,
        );
    }
}
