<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** One pair of setting and time on the source, and what comes of it. Estimates. */
final readonly class Candidate
{
    /**
     * @param float   $set     °C
     * @param Sample  $end     when it is lifted off; its moment is the time on the source
     * @param float   $window  s in still air until the bond grips again; zero if it never lets go
     * @param float   $margin  K to the nearest limit, or to a bond too cold, whichever is less, also if it stays on a
     *     moment longer; negative if one is passed
     * @param Binding $binding what keeps it from working: Target if nothing does, Time if the bond is too cold
     */
    public function __construct(
        public float $set,
        public Sample $end,
        public float $window,
        public float $margin,
        public Binding $binding,
    ) {}

    /** The same setting as a plan has it: with the plan's own first heating, and what that leaves to every limit. */
    public function plannedAs(HeatingEnd $first, AdhesiveWindow $window, Limits $limits): self
    {
        $end = $first->end;
        $margin = min(
            $end->bond - $window->low,
            $window->high - $end->bond,
            $limits->batteryStop - $end->battery,
            $limits->panel - $end->panel,
            ($limits->plasticFrame ?? \INF) - $end->frame,
        );

        return new self(
            $this->set,
            $end,
            $this->window,
            $margin,
            Binding::Target,
        );
    }

    /** s on the source */
    public function seconds(): float
    {
        return $this->end->second;
    }

    public function works(): bool
    {
        return $this->binding === Binding::Target;
    }
}
