<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** How a pass of the blade went, as the technician said. */
enum Felt: string
{
    case Easily = 'easily';
    case Dragged = 'dragged';
}
