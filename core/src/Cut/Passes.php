<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\CutEdge;
use Facelift\Anatomy\FrameMaterial;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Stretch;
use Facelift\Condition\Condition;
use Facelift\Fit\OldPanel;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Geometry\Side;

/** The passes of the blade along one edge: order, tool and depth of each, and how hard it is to cut. */
final readonly class Passes
{
    /** Seconds from lifting off the plate to a pick in the first gap (common practice, no source). */
    public const FIRST_GAP = 30.0;
    /** Seconds to place a pick and turn to the next stretch (common practice, no source). */
    public const PICK = 5.0;
    /**
     * Where nothing lies behind the edge and it may go deeper: twice the depth, but no more than this, mm
     * (engineering estimate).
     */
    private const DEEPEST = 8.0;
    /** A panel that is given up is not nursed (engineering estimate). */
    private const BRISK = 1.5;

    /** A pass shorter than this is not worth a heating, mm (common practice, no source). */
    public const SHORTEST = 4.0;

    public function __construct(
        private Phone $phone,
        private Bond $bond,
        private CutEdge $cut,
        private Condition $condition,
        private OldPanel $old,
    ) {}

    /** @return list<Stretch> those that may be cut: from the start side on, round the way that ends beside the hinge */
    public function stretches(): array
    {
        $clockwise = array_values(array_filter($this->cut->stretches, static fn(Stretch $s): bool => !$s->forbidden));

        return $this->isClockwise() ? $this->from($clockwise) : $this->from(array_reverse($clockwise));
    }

    /** The other way round if clockwise would end across from the hinge. */
    private function isClockwise(): bool
    {
        $round = $this->from(
            array_values(array_filter($this->cut->stretches, static fn(Stretch $s): bool => !$s->forbidden)),
        );
        $last = $round === [] ? null : $round[\count($round) - 1]->side;

        return $this->cut->hinge === null || $last !== $this->cut->hinge->opposite();
    }

    /**
     * True if the blade goes along a side towards its lower figures: the bottom and the left are gone along so,
     * clockwise.
     */
    public function goesBack(Side $side): bool
    {
        return \in_array($side, [Side::Bottom, Side::Left], true) === $this->isClockwise();
    }

    /**
     * @param list<Stretch> $stretches
     *
     * @return list<Stretch> the same, turned so that the start side comes first
     */
    private function from(array $stretches): array
    {
        foreach ($stretches as $i => $stretch) {
            if ($stretch->side === $this->cut->start && ($stretches[$i - 1] ?? null)?->side !== $this->cut->start) {
                return [...\array_slice($stretches, $i), ...\array_slice($stretches, 0, $i)];
            }
        }

        return $stretches;
    }

    /**
     * As much of a stretch as is as hard to cut as so many mm of straight edge; null if that would be less than a
     * pick's width or two, unless it is all of it.
     */
    public function within(Stretch $stretch, float $effort): ?Stretch
    {
        if ($this->effort($stretch) <= $effort) {
            return $stretch;
        }
        [$fits, $tooMuch] = [0.0, $stretch->length()];
        while ($tooMuch - $fits > 0.25) {
            $middle = ($fits + $tooMuch) / 2;
            $this->effort($this->piece($stretch, $middle)) <= $effort ? $fits = $middle : $tooMuch = $middle;
        }

        return $fits < self::SHORTEST ? null : $this->piece($stretch, $fits);
    }

    /** As much of a stretch as is heated, in the direction of the blade. */
    public function upTo(Stretch $stretch, float $mm): Stretch
    {
        return $mm >= $stretch->length() ? $stretch : $this->piece($stretch, $mm);
    }

    /** @return Stretch|null what is left of a stretch behind a piece that has been cut; null if that is all of it */
    public function behind(Stretch $stretch, Stretch $cut): ?Stretch
    {
        $left = $this->goesBack($stretch->side)
            ? $stretch->part(0.0, $cut->from - $stretch->from)
            : $stretch->part($cut->to - $stretch->from, $stretch->length());

        return $left->length() > 1e-6 ? $left : null;
    }

    /** The first so many mm of a stretch, in the direction of the blade. */
    private function piece(Stretch $stretch, float $mm): Stretch
    {
        $end = $stretch->length();

        return $this->goesBack($stretch->side) ? $stretch->part($end - $mm, $end) : $stretch->part(0.0, $mm);
    }

    /**
     * mm of straight edge that are as hard to cut as a stretch: corners count twice, crazed glass twice, and a panel
     * that is given up is not nursed (engineering estimates from practice, no source).
     */
    public function effort(Stretch $stretch): float
    {
        [$straight, $corner] = $this->lengths($stretch);

        return ($straight + 2 * $corner) / $this->haste($stretch);
    }

    /** mm of edge, corners along their arc */
    private function lengthOf(Stretch $stretch): float
    {
        return array_sum($this->lengths($stretch));
    }

    /** @return array{float, float} mm of straight edge, and of corners along their arc */
    private function lengths(Stretch $stretch): array
    {
        $glass = $this->phone->body->glass;
        $share = self::cornerShare($glass, $stretch);

        return [max(0.0, $stretch->length() - 2 * $glass->radius * $share), $share * $glass->corner()];
    }

    /** Against whole glass and a panel that is saved. */
    private function haste(Stretch $stretch): float
    {
        return ($this->old === OldPanel::GiveUp ? self::BRISK : 1.0) / ($this->isCrazed($stretch) ? 2.0 : 1.0);
    }

    private function isCrazed(Stretch $stretch): bool
    {
        return $this->condition->crazedAlong(
            $this->phone->body->glass,
            $this->bond->face,
            $stretch->side,
            $stretch->from,
            $stretch->to,
        );
    }

    /**
     * How a stretch is cut.
     *
     * @param float $pace mm/s along a straight edge with whole glass, for a panel that is saved; more than zero
     */
    public function way(Stretch $stretch, float $pace): Way
    {
        $crazed = $this->isCrazed($stretch);
        $flat = $this->goesDeeper($stretch);

        return new Way(
            $stretch,
            Blade::along($this->phone->body->frame, $this->bond->face, $this->bond->adhesive, $crazed),
            $flat ? max($stretch->depth, min(2 * $stretch->depth, self::DEEPEST)) : $stretch->depth,
            $pace * $this->haste($stretch),
            $this->lengthOf($stretch),
            $crazed,
            $flat,
            $this->goesBack($stretch->side),
        );
    }

    /**
     * With nothing behind it, deeper and flat spreads the load in a plastic bezel; and a panel that is given up may
     * be undercut.
     */
    private function goesDeeper(Stretch $stretch): bool
    {
        return $stretch->behind === null
            && ($this->phone->body->frame === FrameMaterial::Plastic || $this->old === OldPanel::GiveUp);
    }

    /** Share of two corner radii that a stretch runs over, 0 to 1; half of each corner's arc belongs to either side. */
    private static function cornerShare(RoundedRectangle $glass, Stretch $stretch): float
    {
        $r = $glass->radius;
        $end = $glass->length($stretch->side);
        $over = max(0.0, min($r, $stretch->to) - min($r, $stretch->from))
            + max(0.0, max($stretch->to, $end - $r) - max($stretch->from, $end - $r));

        return $r > 0 ? min(1.0, $over / (2 * $r)) : 0.0;
    }
}
