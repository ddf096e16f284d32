<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

/** A cause that is still possible, or has been ruled out. */
final readonly class Suspect
{
    /**
     * @param float              $share      0 to 1 of what is left for its symptom; 0 if ruled out
     * @param ?Evidence          $ruledOutBy the first piece of evidence that excludes it
     */
    public function __construct(
        public Symptom $symptom,
        public Cause $cause,
        public float $share,
        public ?Evidence $ruledOutBy,
    ) {}
}
