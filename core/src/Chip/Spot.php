<?php

declare(strict_types=1);

namespace Facelift\Chip;

use Facelift\Anatomy\MemoryChip;

/**
 * A chip on its flex over a panel, as heat sees it: round about the middle of the chip, two sheets over one another
 * with a gap between them.
 */
final readonly class Spot
{
    /** W/(m·K) of air between the sheets at about 130 °C. */
    private const AIR = 0.033;
    /** W/(m²·K) that shine across (engineering estimate, from memory). */
    private const SHINES = 8.0;
    /** W/(m²·K) between sheets that are glued together (engineering estimate, from memory). */
    private const GLUED = 1500.0;
    /** m²·K/W of paper and metal foil laid between, with the air that they shut in (engineering estimate). */
    private const SHIELD = 0.008;

    /**
     * @param float $radius mm of a round chip of the same area
     * @param float $chip   J/(m²·K) of the chip itself
     * @param float $through m²·K/W from its top to its solder
     * @param float $couples W/(m²·K) between flex and panel
     * @param float $beside mm from the middle of the chip to the nearest lit part that it does not lie over
     */
    private function __construct(
        public Sheet $flex,
        public Sheet $panel,
        public float $radius,
        public float $chip,
        public float $through,
        public float $couples,
        public float $beside,
        public bool $shielded,
    ) {}

    /** @param bool $shielded true if paper and metal lie over the neighbours, and between flex and panel */
    public static function of(MemoryChip $chip, bool $shielded): self
    {
        $across = $chip->gap > 0.0
            ? 1 / (self::AIR / ($chip->gap / 1000) + self::SHINES)
            : 1 / self::GLUED;

        return new self(
            Sheet::flex($chip->flex),
            Sheet::panel(),
            $chip->radius(),
            $chip->thickness / 1000 * 2000.0 * 950.0,
            $chip->thickness / 1000 / 1.0,
            1 / ($across + ($shielded ? self::SHIELD : 0.0)),
            $chip->radius() + $chip->beside,
            $shielded,
        );
    }
}
