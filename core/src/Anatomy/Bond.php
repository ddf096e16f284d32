<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Point;

/** Adhesive or clips that join two parts. */
final readonly class Bond extends Element
{
    /**
     * @param list<string>   $joins     the two parts; the first is lifted off the second
     * @param float          $width     mm
     * @param Warming|null   $warming   null for a bond parted without a source of heat
     * @param CutEdge|null   $cut       null for a bond inside the phone
     * @param list<Point>    $pryPoints where clips are pried open; empty for a bond of adhesive
     * @param list<BondZone> $zones     inside of the ledge, by which the panel is held too
     */
    public function __construct(
        Heading $heading,
        public array $joins,
        public AdhesiveKind $adhesive,
        public float $width,
        public ?Warming $warming,
        public ?CutEdge $cut,
        public array $pryPoints,
        public Closing $closing,
        public array $zones = [],
    ) {
        parent::__construct($heading);
    }

    /** The part that is lifted off. */
    public function lifted(): string
    {
        return $this->joins[0];
    }
}
