<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Document\Reason;

/** An event that the rules forbid, with the reason. */
final readonly class Refusal
{
    /** @param bool $mayPass true if the same event may be accepted later, once others have arrived */
    public function __construct(public Reason $reason, public bool $mayPass) {}
}
