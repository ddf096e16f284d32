<?php

declare(strict_types=1);

namespace Facelift\Heat;

/**
 * Estimated temperatures at one moment, °C. `panel` is the hottest of it anywhere, `frame` the side towards the heat of
 * the edge that carries the bond, where it is hottest.
 */
final readonly class Sample
{
    public function __construct(
        public float $second,
        public float $bond,
        public float $panel,
        public float $battery,
        public float $outerFace,
        public float $frame,
    ) {}

    /** The same temperatures at another moment. */
    public function at(float $second): self
    {
        return new self(
            $second,
            $this->bond,
            $this->panel,
            $this->battery,
            $this->outerFace,
            $this->frame,
        );
    }

    /** To a hundredth of a kelvin: more is not known. */
    public function rounded(): self
    {
        $to = static fn(float $t): float => round($t, 2);

        return new self(
            $this->second,
            $to($this->bond),
            $to($this->panel),
            $to($this->battery),
            $to($this->outerFace),
            $to($this->frame),
        );
    }
}
