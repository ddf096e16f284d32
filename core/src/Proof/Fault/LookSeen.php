<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

/** A look that was made, and whether the fault was there. */
final readonly class LookSeen
{
    public function __construct(public Look $look, public string $subject, public bool $found) {}
}
