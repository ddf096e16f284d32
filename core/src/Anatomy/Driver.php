<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** The screwdriver that a fastener takes. */
enum Driver: string
{
    case PentalobeP2 = 'P2';
    case TriPointY000 = 'Y000';
    case CrossPH000 = 'PH000';
    case CrossPH00 = 'PH00';
    case SixLobeT3 = 'T3';
    case SixLobeT5 = 'T5';
    case SixLobeT6 = 'T6';
}
