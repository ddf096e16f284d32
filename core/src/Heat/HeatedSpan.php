<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** A time for which a source was really on a bond. */
final readonly class HeatedSpan
{
    /**
     * @param float       $on        s from the first heating of the bond
     * @param float       $off       s; now, if it is still on
     * @param bool        $elsewhere true at another stretch of the edge than the one before
     * @param float|null  $keptAt    °C at which it kept the bond while it was cut; null if it only heated
     * @param Source|null $by        another source than the plan's; null for that one
     */
    public function __construct(
        public float $on,
        public float $off,
        public bool $elsewhere = false,
        public ?float $keptAt = null,
        public ?Source $by = null,
    ) {}

    /** As it goes in a programme, up to a moment. */
    public function span(Source $source, float $until): Span
    {
        $seconds = max(0.0, min($this->off, $until) - $this->on);

        return new Span($seconds, $this->by ?? $source, $this->elsewhere, $this->keptAt);
    }

    /** The same, on until a later moment. */
    public function until(float $off): self
    {
        return new self(
            $this->on,
            $off,
            $this->elsewhere,
            $this->keptAt,
            $this->by,
        );
    }
}
