<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Document\Reason;

/** The gentlest way to heat a bond with a source, or why there is none and what would do. */
final readonly class HeatAdvice
{
    /**
     * @param Candidate|null   $best   null if no setting of this source works
     * @param list<Candidate>  $points the whole region
     * @param list<Reason> $because
     */
    public function __construct(public ?Candidate $best, public array $points, public array $because) {}
}
