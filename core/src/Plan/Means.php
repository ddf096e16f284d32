<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Heat\Source;

/** What a shop can open a phone with. */
final readonly class Means
{
    /**
     * @param list<non-empty-list<Source>> $sources the settings to try of each source
     * @param bool                         $holds   true if a gun can go on while somebody cuts: in the other hand, or
     *     on a stand
     */
    public function __construct(public array $sources, public bool $holds) {}
}
