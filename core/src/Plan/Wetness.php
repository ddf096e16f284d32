<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Place;

/** Where a step leaves something wet, or confirms that it is dry. */
final readonly class Wetness
{
    public function __construct(public ?Place $wets = null, public ?Place $dries = null) {}
}
