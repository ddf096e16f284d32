<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What becomes of a part that no screw and no bond holds, when the screen over it is lifted. */
enum WhenLifted: string
{
    /** It lies in its place until something is moved. */
    case Stays = 'stays';
    /** It comes free, is kept, and must lie in its place before the new screen goes on. */
    case Loose = 'loose';
    /** It sticks to frame or screen by chance, and must not stay in the phone. */
    case ComesAway = 'comes-away';
}
