<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Face;
use Facelift\Document\Reason;
use Facelift\Proof\Gate;

/** One step at the bench. */
final readonly class Step
{
    /**
     * @param list<string>                    $subjects  ids in the phone file that the step is about, drawn on the mat
     * @param array<string, string|float|int> $figures   what the wording needs
     * @param float                           $hands     s of hands-on time
     * @param float                           $wait      s that need no hands; the step has a timer if more than zero
     * @param list<string>                    $cautions  codes
     * @param list<Reason>                    $because   why the step stands here
     * @param list<string>                    $after     ids of steps that must be done first
     */
    public function __construct(
        public string $id,
        public Phase $phase,
        public StepKind $kind,
        public array $subjects,
        public array $figures,
        public Face $face,
        public ?string $tool,
        public float $hands,
        public float $wait,
        public array $cautions,
        public array $because,
        public array $after,
        public Effects $effects,
        public ?Gate $gate,
    ) {}
}
