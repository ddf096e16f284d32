<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\CutEdge;
use Facelift\Anatomy\FrameMaterial;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Stretch;
use Facelift\Condition\Condition;
use Facelift\Fit\OldPanel;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Geometry\Side;

/** The passes of the blade along one edge: order, tool, depth and pace of each. */
final readonly class Passes
{
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
    private function goesBack(Side $side): bool
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
     * As much of a stretch as fits into a time; null if that would be less than a pick's width or two.
     *
     * @param float $seconds until the bond grips
     */
    public function within(Stretch $stretch, float $seconds): ?Stroke
    {
        $whole = $this->stroke($stretch);
        if ($whole->seconds <= $seconds) {
            return $whole;
        }
        [$fits, $tooMuch] = [0.0, $stretch->length()];
        while ($tooMuch - $fits > 0.5) {
            $middle = ($fits + $tooMuch) / 2;
            $this->stroke($this->piece($stretch, $middle))->seconds <= $seconds ? $fits = $middle : $tooMuch = $middle;
        }

        return $fits < self::SHORTEST ? null : $this->stroke($this->piece($stretch, $fits));
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

    /** How a whole stretch is cut, and how long that takes. */
    public function stroke(Stretch $stretch): Stroke
    {
        $glass = $this->phone->body->glass;
        $crazed = $this->condition->crazedAlong(
            $glass,
            $this->bond->face,
            $stretch->side,
            $stretch->from,
            $stretch->to,
        );
        $pace = $this->pace($crazed);
        $corner = self::cornerShare($glass, $stretch) * $glass->corner();
        $straight = max(0.0, $stretch->length() - 2 * $glass->radius * self::cornerShare($glass, $stretch));
        $flat = $this->goesDeeper($stretch);
        $blade = Blade::along($this->phone->body->frame, $this->bond->face, $this->bond->adhesive, $crazed);
        $depth = $flat ? max($stretch->depth, min(2 * $stretch->depth, self::DEEPEST)) : $stretch->depth;
        $way = new Way(
            $stretch,
            $blade,
            $depth,
            $pace,
            $straight + $corner,
            $crazed,
            $flat,
        );

        return new Stroke($way, $straight / $pace + $corner / ($pace / 2) + self::PICK);
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

    /**
     * mm/s along straight edge; corners at half, crazed glass at half (engineering estimates from practice, no
     * source).
     */
    private function pace(bool $crazed): float
    {
        $pace = match ($this->bond->adhesive) {
            AdhesiveKind::StrongGlue, AdhesiveKind::DoubleTape => 1.5,
            default => 3.0,
        };

        return $pace * ($this->old === OldPanel::GiveUp ? self::BRISK : 1.0) / ($crazed ? 2 : 1);
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
