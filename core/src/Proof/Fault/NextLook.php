<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

/** The look that is expected to tell most for what it costs. */
final readonly class NextLook
{
    /**
     * @param float $bits    expected reduction of the uncertainty, more than zero
     * @param float $found   how likely it is that the fault is there
     * @param float $seconds the look with its way there and back
     */
    public function __construct(
        public Look $look,
        public string $subject,
        public string $name,
        public float $bits,
        public float $found,
        public float $seconds,
    ) {}

    public function bitsPerMinute(): float
    {
        return 60.0 * $this->bits / $this->seconds;
    }
}
