<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** How a connector is made, which says how it is opened. */
enum ConnectorKind: string
{
    case BoardToBoard = 'board-to-board';
    case Zif = 'zif';
    case Coax = 'coax';
    /** Sprung contacts that touch and are not plugged. */
    case Spring = 'spring';
}
