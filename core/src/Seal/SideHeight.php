<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Fit\HeightBudget;
use Facelift\Geometry\Side;

/** Where the glass ends up at one side. */
final readonly class SideHeight
{
    public function __construct(public Side $side, public HeightBudget $budget) {}
}
