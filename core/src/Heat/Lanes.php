<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Layer;
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

    public Lane $edge;
    private readonly Lane $centre;

    private readonly Stack $edgeStack;
    private readonly Stack $centreStack;
    private readonly float $room;
    private readonly Carried $before;

    /** The whole stacks; what is gone of them, and how warm the rest is, is what the phone carries with it. */
    public function __construct(Stack $edge, Stack $centre, Carried $before)
    {
        $this->edgeStack = $before->left($edge);
        $this->centreStack = $before->left($centre);
        $this->room = $before->room;
        $this->before = $before;
        $this->edge = $this->edgeAsItCame();
        $this->centre = new Lane(
            $this->centreStack->layers,
            $this->room,
            self::CENTRE_CELLS,
            start: $before->atCentre($this->centreStack),
        );
    }

    /** From here on the edge is another stretch of it, which no source has been near yet. */
    public function elsewhere(): void
    {
        $this->edge = $this->edgeAsItCame();
    }

    private function edgeAsItCame(): Lane
    {
        return new Lane($this->edgeStack->layers, $this->room, start: $this->before->atEdge($this->edgeStack));
    }

    /** @return array<string, list<float>> °C of the cells of each layer at the edge, by its name */
    public function edgeByName(): array
    {
        return self::byName($this->edgeStack, $this->edge);
    }

    /** @return array<string, list<float>> °C of the cells of each layer through the battery, by its name */
    public function centreByName(): array
    {
        return self::byName($this->centreStack, $this->centre);
    }

    /** @return array<string, list<float>> */
    private static function byName(Stack $stack, Lane $lane): array
    {
        $names = array_map(static fn(Layer $l): string => $l->name, $stack->layers);

        return array_combine($names, array_map($lane->cellsOf(...), array_keys($names)));
    }

    public function heat(Source $source): void
    {
        $this->edge->heat($source);
        $this->centre->heat($source->atCentre());
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

    /**
     * The hottest of the panel, in the middle and at its border, °C: what is damaged is damaged where it is hottest.
     */
    private function panel(): float
    {
        $centre = $this->centreStack->layer(LayerRole::Panel);
        $edge = $this->edgeStack->layer(LayerRole::Panel);

        return $centre === null && $edge === null ? $this->room : max(
            $centre === null ? -\INF : $this->centre->hottestOf($centre),
            $edge === null ? -\INF : $this->edge->hottestOf($edge),
        );
    }

    public function sample(float $clock): Sample
    {
        $battery = $this->centreStack->layer(LayerRole::Battery);
        $frame = $this->edgeStack->layer(LayerRole::Frame);

        return new Sample(
            $clock,
            $this->bondOf($this->edge),
            $this->panel(),
            $battery === null ? $this->room : $this->centre->frontOf($battery),
            $this->edge->outerFace(),
            $frame === null ? $this->room : $this->edge->frontOf($frame),
        );
    }
}
