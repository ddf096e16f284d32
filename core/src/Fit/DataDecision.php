<?php

declare(strict_types=1);

namespace Facelift\Fit;

/** What the customer decided about the display's data, after having seen what will be seen. */
final readonly class DataDecision
{
    /** @param string $by who decided, as written at the counter */
    public function __construct(public SwapWay $way, public string $by) {}
}
