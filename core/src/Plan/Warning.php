<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Document\Reason;

/** What keeps a plan from working, or has to be known before starting. */
final readonly class Warning
{
    private function __construct(public Severity $severity, public Reason $reason) {}

    public static function stop(Reason $reason): self
    {
        return new self(Severity::Stop, $reason);
    }

    public static function care(Reason $reason): self
    {
        return new self(Severity::Care, $reason);
    }

    public static function of(Severity $severity, Reason $reason): self
    {
        return new self($severity, $reason);
    }
}
