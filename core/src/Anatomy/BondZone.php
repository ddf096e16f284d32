<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Rectangle;

/** A place inside of the ledge by which a panel is held as well: some are bonded to the midframe in the middle. */
final readonly class BondZone
{
    public function __construct(public string $id, public string $name, public Rectangle $box) {}
}
