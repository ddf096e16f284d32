<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\LayerRole;

/**
 * The edge of a bond and the stack through the battery side by side, and the temperatures in them that matter;
 * forward only.
 *
 * What a stack has no layer for stays at the room's temperature: nothing is judged by it.
 */
final class Lanes
{
    /** Cells of the finest layer: the edge is where it matters. */
    private const CENTRE_CELLS = 5;

    public readonly Lane $edge;
    private readonly Lane $centre;

    public function __construct(
        private readonly Stack $edgeStack,
        private readonly Stack $centreStack,
        private readonly float $room,
    ) {
        $this->edge = new Lane($edgeStack->layers, $room);
        $this->centre = new Lane($centreStack->layers, $room, self::CENTRE_CELLS);
    }

    public function heat(Source $source): void
    {
        $this->edge->heat($source);
        $this->centre->heat($source);
    }

    public function rest(): void
    {
        $this->edge->rest();
        $this->centre->rest();
    }

    /** @param float $seconds zero or more */
    public function advance(float $seconds): void
    {
        $this->edge->advance($seconds);
        $this->centre->advance($seconds);
    }

    /** °C of the bond line in a lane of this edge: this one, or a copy that has gone on by itself. */
    public function bondOf(Lane $edge): float
    {
        $bond = $this->edgeStack->layer(LayerRole::Bond);

        return $bond === null ? $this->room : $edge->meanOf($bond);
    }

    public function sample(float $clock): Sample
    {
        $panel = $this->centreStack->layer(LayerRole::Panel);
        $battery = $this->centreStack->layer(LayerRole::Battery);
        $frame = $this->edgeStack->layer(LayerRole::Frame);

        return new Sample(
            $clock,
            $this->bondOf($this->edge),
            $panel === null ? $this->room : $this->centre->meanOf($panel),
            $battery === null ? $this->room : $this->centre->frontOf($battery),
            $this->edge->outerFace(),
            $frame === null ? $this->room : $this->edge->frontOf($frame),
        );
    }
}
