<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

use Facelift\Condition\Check;

/** The check that is expected to tell most about what is left. */
final readonly class NextCheck
{
    /**
     * @param float                $bits    expected reduction of the uncertainty over the causes left, more than zero
     * @param array<string, float> $results how likely each result is now, by its code
     */
    public function __construct(
        public Symptom $symptom,
        public Check $check,
        public float $bits,
        public array $results,
    ) {}
}
