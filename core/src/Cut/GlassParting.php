<?php

declare(strict_types=1);

namespace Facelift\Cut;

/** How the cracked glass comes off a panel that is kept. Estimates. */
final readonly class GlassParting
{
    /**
     * @param float           $set       °C of the separator plate
     * @param float           $warm      s until the laminate is in its window
     * @param float           $laminate  °C that it has then
     * @param float           $panelUsed share of what the panel bears, used up by the end
     * @param list<GlassMove> $moves     in order
     */
    public function __construct(
        public float $set,
        public float $warm,
        public float $laminate,
        public float $panelUsed,
        public array $moves,
    ) {}
}
