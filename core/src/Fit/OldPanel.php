<?php

declare(strict_types=1);

namespace Facelift\Fit;

/** What is to become of the old panel: it decides how deep, how hot and how fast the work may be. */
enum OldPanel: string
{
    case Save = 'save';
    case GiveUp = 'give-up';
}
