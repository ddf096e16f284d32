<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\RoundedRectangle;

/** A place on the ledge that adhesive stays out of. */
final readonly class KeepOut
{
    /** @param string|null $opening the opening that it keeps clear; null where the ledge itself is narrower */
    public function __construct(public RoundedRectangle $shape, public ?string $opening) {}
}
