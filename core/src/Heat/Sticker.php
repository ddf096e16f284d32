<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What a heat-indicating sticker shows: a bound, not a figure. */
enum Sticker: string
{
    /** It has been at its temperature, or above. */
    case Turned = 'turned';
    /** It has never been that hot. */
    case NotYet = 'not-yet';

    /**
     * What of an error counts against a prediction: a bound that is kept says nothing.
     *
     * @param float $error predicted less the sticker's temperature, K
     */
    public function against(float $error): float
    {
        return $this === self::Turned ? min(0.0, $error) : max(0.0, $error);
    }
}
