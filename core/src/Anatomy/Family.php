<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** How a phone opens. */
enum Family: string
{
    case FrontOpening = 'front-opening';
    case RearOpening = 'rear-opening';
    case FrontBonded = 'front-bonded';
    case ScrewedChassis = 'screwed-chassis';
    case MetalShell = 'metal-shell';
    case FoldingOuter = 'folding-outer';
    /** Opens at the front for the screen and at the back for everything else. */
    case TwoSided = 'two-sided';
}
