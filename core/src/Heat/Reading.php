<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** A temperature read at the bench. */
final readonly class Reading
{
    /** Standard error of a thermometer held to a phone, K (engineering estimate, from memory). */
    public const ERROR = 1.5;

    /**
     * @param float $second  since the phone was at room temperature
     * @param float $celsius
     */
    public function __construct(public Probe $probe, public float $second, public float $celsius) {}
}
