<?php

declare(strict_types=1);

namespace Facelift\Condition;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\CutEdge;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Stretch;
use Facelift\Geometry\Point;
use Facelift\Geometry\Side;

/** What the cracks mean for opening a bond: does a suction cup hold, and which stretches of the edge are crazed. */
final readonly class EdgeState
{
    /** A small suction cup, mm across, set this far in from the edge (common practice, no source). */
    private const CUP = 30.0;
    private const CUP_INSET = 4.0;

    /**
     * @param Point|null   $cup    centre of a cup on whole glass at the start edge; null if no such place is left
     * @param list<string> $crazed ids of stretches that a crack reaches
     */
    private function __construct(
        public string $bond,
        public Side $start,
        public ?Point $cup,
        public bool $moved,
        public array $crazed,
    ) {}

    /** Null for a bond that is not cut. */
    public static function of(Bond $bond, Phone $phone, Condition $condition): ?self
    {
        if ($bond->cut === null) {
            return null;
        }
        [$cup, $moved] = self::cup($bond, $bond->cut, $phone, $condition);
        $crazed = array_filter(
            $bond->cut->stretches,
            static fn(Stretch $s): bool => !$s->forbidden
                && $condition->crazedAlong(
                    $phone->body->glass,
                    $bond->face,
                    $s->side,
                    $s->from,
                    $s->to,
                ),
        );

        return new self(
            $bond->id,
            $bond->cut->start,
            $cup,
            $moved,
            array_values(array_map(static fn(Stretch $s): string => $s->id, $crazed)),
        );
    }

    /**
     * Whole glass for the cup: first in the middle of the start edge, then as near to it as cracks leave room.
     *
     * @return array{Point|null, bool} the centre, and whether it had to move from the middle
     */
    private static function cup(Bond $bond, CutEdge $cut, Phone $phone, Condition $condition): array
    {
        $glass = $phone->body->glass->box;
        $length = $cut->start->isHorizontal() ? $glass->width : $glass->height;
        $deep = self::CUP / 2 + self::CUP_INSET;
        // Cracked, but nobody has drawn where: no place can be called whole.
        $cracks = $condition->cracks($bond->face);
        if ($cracks === [] && $condition->glassBroken($bond->face)) {
            return [null, false];
        }
        for ($off = 0.0; $length / 2 + $off + self::CUP / 2 <= $length; $off += 2.0) {
            foreach ([$length / 2 - $off, $length / 2 + $off] as $along) {
                $centre = match ($cut->start) {
                    Side::Top => new Point($glass->x + $along, $glass->y + $deep),
                    Side::Bottom => new Point($glass->x + $along, $glass->bottom() - $deep),
                    Side::Left => new Point($glass->x + $deep, $glass->y + $along),
                    Side::Right => new Point($glass->right() - $deep, $glass->y + $along),
                };
                if (
                    array_filter($cracks, static fn(Mark $m): bool => $m->distanceTo($centre) <= self::CUP / 2) === []
                ) {
                    return [$centre, $off > 0.0];
                }
            }
        }

        return [null, false];
    }
}
