<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Quantity\Money;

/**
 * When glass only pays. A try costs g; if the panel is lost, the assembly job a comes on top: g + (1 − p)·a.
 * That equals a where p = g/a: below this success rate the assembly is cheaper from the start.
 */
final readonly class BreakEven
{
    /**
     * @param Money $try      cost of one glass-only job if it goes well
     * @param Money $assembly cost of the job with a display assembly, more than zero
     */
    public function __construct(public Money $try, public Money $assembly) {}

    /** The success rate above which glass only is cheaper; more than 1 if it never is. */
    public function rate(): float
    {
        return $this->try->ratioTo($this->assembly);
    }

    /**
     * @param float $success 0 to 1
     */
    public function expected(float $success): Money
    {
        return $this->try->plus($this->assembly->times(1.0 - $success))->toCents();
    }
}
