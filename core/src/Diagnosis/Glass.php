<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

/** What the front glass says about the fall that a phone has had. */
enum Glass
{
    case Whole;
    case Cracked;

    /**
     * How many times likelier the panel is behind a dark picture than under whole glass (common practice, no source).
     */
    public function oddsOfPanel(): float
    {
        return $this === self::Cracked ? 2.5 : 1.0;
    }
}
