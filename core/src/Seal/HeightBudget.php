<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** Where the screen ends up: recess less module less adhesive. */
final readonly class HeightBudget
{
    /**
     * @param float $recess   mm
     * @param float $module   mm
     * @param float $adhesive mm
     */
    public function __construct(public float $recess, public float $module, public float $adhesive) {}

    /** mm that the glass stands proud of the frame; negative if it sits below. */
    public function proud(): float
    {
        return round($this->module + $this->adhesive - $this->recess, 4);
    }
}
