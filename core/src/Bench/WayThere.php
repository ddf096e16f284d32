<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** From where the phone stands to a place in it, and back again. */
final readonly class WayThere
{
    /**
     * @param list<Undo>    $undo    in the order of taking off; empty if the place lies open, or is seen from outside
     * @param float         $seconds of all of it, an estimate from the plan's own figures
     * @param list<Gripping> $grips  bonds that are shut on the way, with how long they have held
     */
    public function __construct(public array $undo, public float $seconds, public array $grips) {}
}
