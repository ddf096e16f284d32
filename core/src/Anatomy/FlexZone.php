<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Rectangle;

/** A zone behind the edge where a flex or board lies within reach of a blade. */
final readonly class FlexZone
{
    public function __construct(public string $id, public string $name, public Face $face, public Rectangle $box) {}
}
