<?php

declare(strict_types=1);

namespace App\Day;

/** How far off the minutes of hands usually are, as a factor's logarithm (common practice, no source). */
final readonly class Spread
{
    /** one in six takes 1.4 times as long */
    public const OF_KNOWN = 0.35;
    /** of a phone that nobody has drawn */
    public const OF_UNKNOWN = 0.6;
}
