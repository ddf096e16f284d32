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
     * @param float|null   $times    how many times as long as estimated, by the shop's record; null for an estimate
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
        public ?float $times = null,
    ) {
        $this->hands = round($hands);
        $this->wait = round($wait);
    }

    public function with(Tool $tool): self
    {
        return $this->but(tool: $tool);
    }

    public function taking(float $hands, float $wait): self
    {
        return $this->but(hands: $hands, wait: $wait);
    }

    public function minding(Hazard ...$hazards): self
    {
        return $this->but(hazards: [...$this->hazards, ...array_values($hazards)]);
    }

    public function warming(Warmth $warmth): self
    {
        return $this->but(warmth: $warmth);
    }

    public function batteryOff(): self
    {
        return $this->but(battery: BatteryRule::Off);
    }

    public function attended(): self
    {
        return $this->but(attended: true);
    }

    /** Hands that are so many times the estimate, by the shop's record. */
    public function inTimes(float $times): self
    {
        return $this->but(times: $times);
    }

    /** s of hands as they are estimated without any record */
    public function estimate(): float
    {
        return $this->hands / ($this->times ?? 1.0);
    }

    /** s that keep somebody's hands busy */
    public function work(): float
    {
        return $this->hands + ($this->attended ? $this->wait : 0.0);
    }

    /** @param list<Hazard>|null $hazards */
    private function but(
        ?Tool $tool = null,
        ?float $hands = null,
        ?float $wait = null,
        ?array $hazards = null,
        ?Warmth $warmth = null,
        ?BatteryRule $battery = null,
        ?bool $attended = null,
        ?float $times = null,
    ): self {
        return new self(
            $this->face,
            $tool ?? $this->tool,
            $hands ?? $this->hands,
            $wait ?? $this->wait,
            $hazards ?? $this->hazards,
            $warmth ?? $this->warmth,
            $battery ?? $this->battery,
            $attended ?? $this->attended,
            $times ?? $this->times,
        );
    }
}
