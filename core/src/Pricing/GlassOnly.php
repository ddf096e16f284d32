<?php

declare(strict_types=1);

namespace Facelift\Pricing;

use Facelift\Document\Reason;

/** What follows for a glass-only try. */
final readonly class GlassOnly
{
    /** @param float $breakEven share of tries that must succeed for it to pay, 0 to 1 */
    public function __construct(public Reason $advice, public float $breakEven) {}
}
