<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** What a thermometer showed, beside what the plan's figures foresaw for that moment. */
final readonly class SeenReading
{
    /**
     * @param float $foreseen °C
     * @param float $off      K that it may be off, the thermometer's own error with it: one standard deviation
     * @param float $celsius  as it was read
     */
    public function __construct(public float $foreseen, public float $off, public float $celsius) {}
}
