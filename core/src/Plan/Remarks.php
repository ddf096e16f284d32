<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Document\Reason;

/** What has to be said about a plan. */
final readonly class Remarks
{
    /**
     * @param list<Warning> $warnings to who works
     * @param list<Reason>  $customer to the customer
     */
    public function __construct(public array $warnings, public array $customer) {}

    /** True if a warning keeps the plan from working. */
    public function stop(): bool
    {
        return array_filter($this->warnings, static fn(Warning $w): bool => $w->severity === Severity::Stop) !== [];
    }
}
