<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** Equal wedges cut out of the inner edge of a piece, so that it bends round a corner without lying on itself. */
final readonly class Notch
{
    /**
     * @param int   $count one or more
     * @param float $every mm along the outer edge, from one notch to the next
     * @param float $open  mm that each is wide at the inner edge
     */
    public function __construct(public int $count, public float $every, public float $open) {}
}
