<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Geometry\Side;

/** One thing done to part a bond: a heating, a rest, the first gap, alcohol beside the blade, or a pass of it. */
final readonly class Move
{
    /**
     * @param float       $seconds on the source for heat, hands-on for gap and pass, waiting for cool
     * @param string|null $stretch id of the stretch that a pass belongs to
     * @param float       $from    mm along the side
     * @param float       $depth   mm the tip may go in
     * @param float       $pace    mm/s
     * @param float       $length  mm of edge, corners along their arc
     * @param bool        $flat    true where the tip goes in deeper and flat, to spread the load
     * @param float       $grips   s from the end of the move until the bond grips again
     * @param float       $bond    estimated °C of the bond line at the end
     * @param float       $battery estimated °C of the battery at the end
     */
    public function __construct(
        public MoveKind $kind,
        public float $seconds,
        public float $bond,
        public float $battery,
        public ?Side $side = null,
        public ?string $stretch = null,
        public float $from = 0.0,
        public float $to = 0.0,
        public float $depth = 0.0,
        public float $pace = 0.0,
        public bool $crazed = false,
        public ?string $behind = null,
        public float $grips = 0.0,
        public float $length = 0.0,
        public ?Blade $blade = null,
        public bool $flat = false,
        public ?string $over = null,
    ) {}

    /** The same pass at a fraction of its pace. */
    public function slower(float $times): self
    {
        return new self($this->kind, $this->seconds * $times, $this->bond, $this->battery, $this->side, $this->stretch, $this->from, $this->to, $this->depth, $this->pace / $times, $this->crazed, $this->behind, $this->grips, $this->length, $this->blade, $this->flat, $this->over);
    }

    /** The same move with the temperatures at its end. */
    public function at(float $bond, float $battery, float $grips): self
    {
        return new self($this->kind, $this->seconds, $bond, $battery, $this->side, $this->stretch, $this->from, $this->to, $this->depth, $this->pace, $this->crazed, $this->behind, $grips, $this->length, $this->blade, $this->flat, $this->over);
    }
}
