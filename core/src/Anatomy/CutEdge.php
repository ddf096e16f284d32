<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Side;

/** How the edge of a bond is cut: where to start, where it hinges, and its stretches. */
final readonly class CutEdge
{
    /** @param list<Stretch> $stretches in the order round the edge, clockwise seen from the front */
    public function __construct(public Side $start, public ?Side $hinge, public array $stretches) {}
}
