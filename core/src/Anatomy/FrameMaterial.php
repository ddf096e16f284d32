<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What the edge is made of that a blade leans on. */
enum FrameMaterial: string
{
    case Metal = 'metal';
    case Plastic = 'plastic';
}
