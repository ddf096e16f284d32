<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Tool;

/** How a step is done. Times in whole seconds: nothing is known better. */
final readonly class Manner
{
    /** s of hands-on time */
    public float $hands;
    /** s on the clock, that need no hands unless it is attended; the step has a clock if more than zero */
    public float $wait;

    /**
     * @param Face         $face that lies up
     * @param Tool|null    $tool null for bare hands
     * @param list<Hazard> $hazards
     * @param bool         $attended true if the clock keeps a hand busy after all: a gun is moved
     */
    public function __construct(
        public Face $face,
        public ?Tool $tool,
        float $hands,
        float $wait,
        public array $hazards,
        public Warmth $warmth = Warmth::None,
        public BatteryRule $battery = BatteryRule::Any,
        public bool $attended = false,
    ) {
        $this->hands = round($hands);
        $this->wait = round($wait);
    }

    public function with(Tool $tool): self
    {
        return new self(
            $this->face,
            $tool,
            $this->hands,
            $this->wait,
            $this->hazards,
            $this->warmth,
            $this->battery,
            $this->attended,
        );
    }

    public function taking(float $hands, float $wait): self
    {
        return new self(
            $this->face,
            $this->tool,
            $hands,
            $wait,
            $this->hazards,
            $this->warmth,
            $this->battery,
            $this->attended,
        );
    }

    public function minding(Hazard ...$hazards): self
    {
        $all = [...$this->hazards, ...array_values($hazards)];

        return new self(
            $this->face,
            $this->tool,
            $this->hands,
            $this->wait,
            $all,
            $this->warmth,
            $this->battery,
            $this->attended,
        );
    }

    public function warming(Warmth $warmth): self
    {
        return new self(
            $this->face,
            $this->tool,
            $this->hands,
            $this->wait,
            $this->hazards,
            $warmth,
            $this->battery,
            $this->attended,
        );
    }

    public function batteryOff(): self
    {
        return new self(
            $this->face,
            $this->tool,
            $this->hands,
            $this->wait,
            $this->hazards,
            $this->warmth,
            BatteryRule::Off,
            $this->attended,
        );
    }

    public function attended(): self
    {
        return new self(
            $this->face,
            $this->tool,
            $this->hands,
            $this->wait,
            $this->hazards,
            $this->warmth,
            $this->battery,
            true,
        );
    }

    /** s that keep somebody's hands busy */
    public function work(): float
    {
        return $this->hands + ($this->attended ? $this->wait : 0.0);
    }
}
