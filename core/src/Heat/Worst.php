<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** The highest that battery, panel and frame come to with a source hotter than 95 of 100, °C. Estimates. */
final readonly class Worst
{
    public function __construct(public float $battery, public float $panel, public float $frame) {}

    public static function of(Sample $s): self
    {
        return new self($s->battery, $s->panel, $s->frame);
    }

    /** To a hundredth of a kelvin: more is not known. */
    public function rounded(): self
    {
        return new self(round($this->battery, 2), round($this->panel, 2), round($this->frame, 2));
    }

    public function and(self $other): self
    {
        return new self(
            max($this->battery, $other->battery),
            max($this->panel, $other->panel),
            max($this->frame, $other->frame),
        );
    }
}
