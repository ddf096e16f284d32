<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Point;
use Facelift\Geometry\Side;

/** Adhesive that joins two parts. */
final readonly class Bond
{
    /**
     * @param list<string>       $joins   the two parts; the first is lifted off the second
     * @param float              $width   mm
     * @param list<list<string>> $after
     * @param string|null        $stack   heat stack from the heated face inwards; null for a bond parted without the plate
     * @param string|null        $batteryStack stack through the battery for the same heating
     * @param CutEdge|null       $cut     null for a bond inside the phone
     * @param float              $height  mm of the new adhesive
     * @param list<Point>        $pryPoints where clips are pried open; empty for a bond of adhesive
     * @param Side|null          $noClamp side that ordinary clamps do not fit
     * @param float              $clampMinutes hands-off minutes under clamps after closing, zero if pressed by hand only
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $joins,
        public AdhesiveKind $adhesive,
        public float $width,
        public Face $face,
        public array $after,
        public ?string $stack,
        public ?string $batteryStack,
        public ?CutEdge $cut,
        public Renewal $renewal,
        public float $height,
        public float $clampMinutes,
        public array $pryPoints = [],
        public ?Side $noClamp = null,
    ) {}
}
