<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What is done to the phone in a span of an opening. */
enum PhaseKind: string
{
    case Heat = 'heat';
    case Cut = 'cut';
    /** Cut while the source goes on. */
    case Hold = 'hold';
    case Rest = 'rest';
}
