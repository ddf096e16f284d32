<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** What is cut from one roll. */
final readonly class RollCut
{
    /**
     * @param list<float> $lengths mm, long first
     * @param float       $left    mm on the roll afterwards
     */
    public function __construct(public Roll $roll, public array $lengths, public float $left) {}

    /** mm that are too short afterwards to be cut from again. */
    public function waste(): float
    {
        return $this->left < CutList::USEFUL ? $this->left : 0.0;
    }
}
