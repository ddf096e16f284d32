<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;

/**
 * The edge of a bond and the stack through the battery side by side, and the temperatures in them that matter;
 * forward only.
 *
 * The edge is a ring of stretches. One of them is in hand; a source that heats all round heats them all, one that
 * goes along the edge only that one, and the others cool meanwhile. Along the edge no heat is taken to flow.
 *
 * What a stack has no layer for stays at the room's temperature: nothing is judged by it.
 */
final class Lanes
{
    /** Cells of the finest layer: the edge is where it matters. */
    private const CENTRE_CELLS = 5;

    /** The stretch in hand. */
    public Lane $edge;
    /** The one after it, if the source has gone ahead to it. */
    private ?Lane $ahead = null;
    /** All that no source along the edge has been near; null while they are as the one in hand. */
    private ?Lane $aside = null;
    /** s that those have rested and are not computed yet */
    private float $lag = 0.0;
    private bool $allRound = false;
    private Lane $centre;

    private readonly Stack $edgeStack;
    private readonly Stack $centreStack;
    private readonly float $room;
    private readonly ?int $bondLayer;
    private readonly ?int $panelAtEdge;
    private readonly ?int $panelAtCentre;
    private readonly ?int $frame;
    private readonly ?int $battery;

    /** The whole stacks; what is gone of them, and how warm the rest is, is what the phone carries with it. */
    public function __construct(Stack $edge, Stack $centre, Carried $before)
    {
        $this->edgeStack = $before->left($edge);
        $this->centreStack = $before->left($centre);
        $this->room = $before->room;
        $this->bondLayer = $this->edgeStack->layer(LayerRole::Bond);
        $this->panelAtEdge = $this->edgeStack->layer(LayerRole::Panel);
        $this->panelAtCentre = $this->centreStack->layer(LayerRole::Panel);
        $this->frame = $this->edgeStack->layer(LayerRole::Frame);
        $this->battery = $this->centreStack->layer(LayerRole::Battery);
        $this->edge = new Lane($this->edgeStack->layers, $this->room, start: $before->atEdge($this->edgeStack));
        $this->centre = new Lane(
            $this->centreStack->layers,
            $this->room,
            self::CENTRE_CELLS,
            start: $before->atCentre($this->centreStack),
        );
    }

    /** From here on the stretch in hand is the next one. */
    public function elsewhere(): void
    {
        $this->edge = $this->ahead ?? clone $this->others();
        $this->edge->rest();
        $this->ahead = null;
    }

    /** °C of the bond line of the next stretch, as far as the source has gone ahead to it. */
    public function bondAhead(): float
    {
        return $this->bondOf($this->ahead ?? $this->others());
    }

    /** The stretches that no source along the edge has been near, as they are now. */
    private function others(): Lane
    {
        if ($this->aside === null) {
            return $this->edge;
        }
        $this->aside->advance($this->lag);
        $this->lag = 0.0;

        return $this->aside;
    }

    /** @return array<string, list<float>> °C of the cells of each layer at the edge where it is coldest, by its name */
    public function edgeByName(): array
    {
        return self::byName($this->edgeStack, $this->others());
    }

    /** @return list<list<float>> °C of the cells of each layer of the stretch in hand, from the heated face inwards */
    public function inHand(): array
    {
        return array_values(self::byName($this->edgeStack, $this->edge));
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
        $this->allRound = $source->covers === null;
        if ($this->allRound) {
            $this->ahead = null;
            $this->aside === null ? null : $this->others()->heat($source);
        } else {
            $this->apart();
        }
        $this->edge->heat($source);
        $this->centre->heat($source->atCentre());
    }

    /** A source along the edge keeps the stretch in hand warm while it is cut. */
    public function keep(Source $source, HoldAt $at): void
    {
        $this->allRound = false;
        $this->apart();
        $this->ahead ??= clone $this->others();
        $this->edge->keep($at === HoldAt::Stretch ? $source : null);
        $this->ahead->keep($at === HoldAt::Ahead ? $source : null);
        $this->centre->keep($at === HoldAt::Away ? null : $source->atCentre());
    }

    public function rest(): void
    {
        $this->edge->rest();
        $this->ahead?->rest();
        if ($this->allRound) {
            $this->aside?->rest();
        }
        $this->allRound = false;
        $this->centre->rest();
    }

    /** @param float $seconds zero or more */
    public function advance(float $seconds): void
    {
        $this->edge->advance($seconds);
        $this->ahead?->advance($seconds);
        if ($this->allRound) {
            $this->aside?->advance($seconds);
        } elseif ($this->aside !== null) {
            $this->lag += $seconds;
        }
        $this->centre->advance($seconds);
    }

    /** The stretch in hand and the others part ways. */
    private function apart(): void
    {
        if ($this->aside === null) {
            $this->aside = clone $this->edge;
            $this->aside->rest();
        }
    }

    /** °C of the bond line of the stretch in hand. */
    public function bond(): float
    {
        return $this->bondOf($this->edge);
    }

    /** °C of the bond line in a lane of this edge: this one, or a copy that has gone on by itself. */
    public function bondOf(Lane $edge): float
    {
        return $this->bondLayer === null ? $this->room : $edge->meanOf($this->bondLayer);
    }

    public function sample(float $clock): Sample
    {
        $panel = $this->panelAtEdge === null ? -\INF : $this->edge->hottestOf($this->panelAtEdge);
        $frame = $this->frame === null ? $this->room : $this->edge->frontOf($this->frame);
        if ($this->ahead !== null) {
            $panel = max($panel, $this->panelAtEdge === null ? -\INF : $this->ahead->hottestOf($this->panelAtEdge));
            $frame = max($frame, $this->frame === null ? -\INF : $this->ahead->frontOf($this->frame));
        }
        if ($this->panelAtCentre !== null) {
            $panel = max($panel, $this->centre->hottestOf($this->panelAtCentre));
        }

        return new Sample(
            $clock,
            $this->bond(),
            $panel === -\INF ? $this->room : $panel,
            $this->battery === null ? $this->room : $this->centre->frontOf($this->battery),
            $this->edge->outerFace(),
            $frame,
        );
    }

    public function __clone()
    {
        $this->edge = clone $this->edge;
        $this->centre = clone $this->centre;
        $this->ahead = $this->ahead === null ? null : clone $this->ahead;
        $this->aside = $this->aside === null ? null : clone $this->aside;
    }
}
