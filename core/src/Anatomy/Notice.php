<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What the phone says in its settings after a swap of the display. */
enum Notice: string
{
    case None = 'none';
    /** Gone once the old display's data is on the new one. */
    case UntilCopied = 'until-copied';
    case Stays = 'stays';
}
