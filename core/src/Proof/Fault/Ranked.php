<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

use Facelift\Anatomy\PhoneFunction;

/** A suspicion after everything that was tested and looked at. */
final readonly class Ranked
{
    /**
     * @param float                $share    probability that it is so now
     * @param list<PhoneFunction>  $explains functions that fail and that it would explain
     */
    public function __construct(public Suspicion $suspicion, public float $share, public array $explains) {}
}
