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
    /** s that need no hands; the step has a clock if more than zero */
    public float $wait;

    /**
     * @param Face         $face that lies up
     * @param Tool|null    $tool null for bare hands
     * @param list<Hazard> $hazards
     */
    public function __construct(
        public Face $face,
        public ?Tool $tool,
        float $hands,
        float $wait,
        public array $hazards,
        public Warmth $warmth = Warmth::None,
        public BatteryRule $battery = BatteryRule::Any,
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
        );
    }
}
