<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Point;
use Facelift\Geometry\Side;

/** A place at the edge where a clamp can stand. */
final readonly class ClampPlace
{
    /** N of a small plastic clamp (engineering estimate, from memory) */
    public const FORCE = 12.0;

    public function __construct(public Side $side, public Point $at) {}
}
