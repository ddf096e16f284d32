<?php

declare(strict_types=1);

namespace Facelift\Cut;

enum MoveKind: string
{
    case Heat = 'heat';
    case Reheat = 'reheat';
    case Cool = 'cool';
    case FirstGap = 'first-gap';
    case BreakPanel = 'break-panel';
    case Alcohol = 'alcohol';
    case Pass = 'pass';
}
