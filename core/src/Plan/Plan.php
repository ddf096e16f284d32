<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Cut\Opening;
use Facelift\Document\Reason;
use Facelift\Fasteners\ScrewMat;
use Facelift\Proof\GateTests;
use Facelift\Route\Route;
use Facelift\Seal\SealPlan;

/** The whole job, computed. */
final readonly class Plan
{
    /**
     * @param list<Step>              $steps    empty if the plan does not work
     * @param array<string, Opening>  $openings by bond, in the order of cutting
     * @param array<string, SealPlan> $seals    by bond
     * @param list<GateTests>         $gates    in order
     * @param list<Reason>            $warnings what keeps the plan from working, or has to be known before starting
     * @param list<Reason>            $customer what the customer has to hear
     */
    public function __construct(
        public Request $request,
        public Route $route,
        public array $steps,
        public array $openings,
        public array $seals,
        public array $gates,
        public ScrewMat $mat,
        public int $changes,
        public array $warnings,
        public array $customer,
    ) {}

    public function works(): bool
    {
        return $this->steps !== [];
    }

    /** s */
    public function handsOn(): float
    {
        return array_sum(array_map(static fn(Step $s): float => $s->hands, $this->steps));
    }

    /** s that need no hands */
    public function waiting(): float
    {
        return array_sum(array_map(static fn(Step $s): float => $s->wait, $this->steps));
    }
}
