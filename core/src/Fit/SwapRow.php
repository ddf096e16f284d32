<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Document\Reason;

/** What the customer will see of one function, or of the notice. */
final readonly class SwapRow
{
    /** @param int $days that a notice stands in front of everything; 0 if it does not, or nobody knows how long */
    public function __construct(
        public PhoneFunction $function,
        public Fate $fate,
        public Reason $because,
        public int $days = 0,
    ) {}
}
