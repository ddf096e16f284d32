<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What a phone file holds beside its elements. */
enum FileSection: string
{
    case Body = 'body';
    case Ledge = 'ledge';
    case Openings = 'openings';
    case FlexZones = 'flexZones';
    case Stacks = 'stacks';
    case Panel = 'panel';
}
