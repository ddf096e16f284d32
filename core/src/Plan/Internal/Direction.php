<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

/** @internal */
enum Direction
{
    case Out;
    case Back;
}
