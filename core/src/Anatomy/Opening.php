<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Point;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\RoundedRectangle;

/** A place in the glass or the frame that adhesive must leave free. */
final readonly class Opening
{
    /**
     * @param float  $width     mm, strictly positive; the diameter of a circle
     * @param float  $clearance mm that tape keeps away, zero or more
     */
    public function __construct(
        public string $id,
        public string $name,
        public OpeningShape $shape,
        public Point $centre,
        public float $width,
        public float $height,
        public float $clearance,
        public IfCovered $ifCovered,
    ) {}

    public function box(): Rectangle
    {
        return Rectangle::around($this->centre, $this->width, $this->height);
    }

    /** The shape that adhesive keeps out of: everything nearer to the opening than its clearance. */
    public function clear(): RoundedRectangle
    {
        $radius = $this->shape === OpeningShape::Rectangle ? 0.0 : min($this->width, $this->height) / 2;

        return RoundedRectangle::of($this->box(), $radius)->grown($this->clearance);
    }

    /** The box that adhesive keeps out of, clearance included. */
    public function keepOut(): Rectangle
    {
        return $this->box()->grown($this->clearance);
    }
}
