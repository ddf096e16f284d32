<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Side;

/** A piece of the edge with one way of cutting it. */
final readonly class Stretch
{
    /**
     * @param float       $from      mm from the side's left or top end
     * @param float       $to        mm, more than `$from`
     * @param float       $depth     mm the tip may go in
     * @param bool        $forbidden true where nothing may be cut (the hinge side)
     * @param string|null $behind    what lies behind the edge
     * @param string|null $over      what the blade goes over, not under
     */
    public function __construct(
        public string $id,
        public Side $side,
        public float $from,
        public float $to,
        public float $depth,
        public bool $forbidden,
        public ?string $behind,
        public ?string $over = null,
    ) {}

    /** A piece of it, from and to in mm from its own beginning. */
    public function part(float $from, float $to): self
    {
        return new self(
            $this->id,
            $this->side,
            $this->from + $from,
            $this->from + $to,
            $this->depth,
            $this->forbidden,
            $this->behind,
            $this->over,
        );
    }

    /** Two pieces of one stretch that touch, as one; null if they do not. */
    public function joined(self $other): ?self
    {
        $touch = abs($this->to - $other->from) < 1e-6 || abs($other->to - $this->from) < 1e-6;

        return $this->id !== $other->id || !$touch ? null : new self(
            $this->id,
            $this->side,
            min($this->from, $other->from),
            max($this->to, $other->to),
            $this->depth,
            $this->forbidden,
            $this->behind,
            $this->over,
        );
    }

    /** mm */
    public function length(): float
    {
        return $this->to - $this->from;
    }
}
