<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What holds a bond. Windows are data of the Heat room. */
enum AdhesiveKind: string
{
    case FoamTape = 'foam-tape';
    case PrecutSeal = 'precut-seal';
    case StrongGlue = 'strong-glue';
    case DoubleTape = 'double-tape';
    case FlexGlue = 'flex-glue';
    case PullTab = 'pull-tab';
    /** A dab that lets go of a pull, and is done anew. */
    case Silicone = 'silicone';
    /** No adhesive at all: it snaps open at its pry points and shut again. */
    case Clips = 'clips';
}
