<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** The face of the phone that has to lie upwards. */
enum Face: string
{
    case Front = 'front';
    case Back = 'back';

    public function other(): self
    {
        return $this === self::Front ? self::Back : self::Front;
    }
}
