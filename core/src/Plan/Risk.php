<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** Something that the route may ruin. */
final readonly class Risk
{
    /**
     * @param string $code        `paired-part`, `glued-flex`, `new-panel` or `panel-lost`
     * @param string $subject     name of the part
     * @param float  $probability 0 to 1, an estimate
     */
    public function __construct(public string $code, public string $subject, public float $probability) {}

    /**
     * True if a display has to be bought again when it happens; otherwise a function is lost that no money brings
     * back.
     */
    public function costsADisplay(): bool
    {
        return $this->code === 'new-panel' || $this->code === 'panel-lost';
    }
}
