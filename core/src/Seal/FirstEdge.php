<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Family;
use Facelift\Anatomy\Phone;
use Facelift\Document\Reason;
use Facelift\Geometry\Side;

/** The edge that is laid and aligned first, and why (common practice, no source). */
final readonly class FirstEdge
{
    private function __construct(public Side $side, public Reason $because) {}

    public static function of(Phone $phone, Bond $bond): self
    {
        $hinge = $bond->cut?->hinge;

        return match (true) {
            $bond->face === Face::Back => new self(Side::Top, new Reason('align-one-edge')),
            $phone->family === Family::FrontOpening => new self(Side::Top, new Reason('hooks-first')),
            $phone->family === Family::FoldingOuter && $hinge !== null => new self($hinge, new Reason('hinge-first')),
            default => new self(Side::Top, new Reason('align-one-edge')),
        };
    }
}
