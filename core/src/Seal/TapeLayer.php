<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\BondZone;
use Facelift\Geometry\Polygon;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\Side;
use Facelift\Seal\Internal\ArcBand;
use Facelift\Seal\Internal\Band;
use Facelift\Seal\Internal\Fillings;
use Facelift\Seal\Internal\LaneSearch;
use Facelift\Seal\Internal\StraightBand;
use Facelift\Seal\Internal\TrimmedBand;
use Facelift\Seal\Internal\Walk;

/**
 * Lays tape on a ledge: never on tape, never over an opening's clearance, its outer edge against the wall. In this
 * order: held at corners and mid-sides, held area, wide stock, few pieces (common practice, no source).
 */
final readonly class TapeLayer
{
    /**
     * @param list<float>    $widths of the shop's rolls, mm
     * @param CornerCut      $corner the shop's way round a corner
     * @param Side           $start  the side that is laid first
     * @param list<BondZone> $zones  inside, by which the panel is held too
     */
    public function lay(
        Rim $rim,
        array $widths,
        CornerCut $corner,
        Side $start,
        array $zones = [],
    ): TapeLayout {
        $pieces = $this->at(
            EdgePlace::roundFrom($start),
            $rim,
            $widths,
            $corner,
        );
        foreach ($zones as $zone) {
            array_push($pieces, ...self::inZone($rim, $zone->box, $widths));
        }

        return self::told($rim, $pieces);
    }

    /**
     * At the corners alone, beside a seal that leaves them bare.
     *
     * @param list<float> $widths of the shop's rolls, mm
     */
    public function corners(Rim $rim, array $widths, CornerCut $corner): TapeLayout
    {
        $corners = array_filter(EdgePlace::cases(), static fn(EdgePlace $p): bool => $p->isCorner());

        return self::told($rim, $this->at(
            array_values($corners),
            $rim,
            $widths,
            $corner,
        ));
    }

    /**
     * @param list<EdgePlace> $places
     * @param list<float>     $widths
     *
     * @return list<Piece>
     */
    private function at(array $places, Rim $rim, array $widths, CornerCut $corner): array
    {
        $fillings = new Fillings($widths);
        $pieces = [];
        foreach ($places as $place) {
            $band = $this->band(
                $rim,
                $place,
                $widths,
                $corner,
                $fillings,
            );
            array_push($pieces, ...($band === null ? [] : (new LaneSearch($band))->pieces()));
        }

        return $pieces;
    }

    /** @param list<Piece> $pieces */
    private static function told(Rim $rim, array $pieces): TapeLayout
    {
        $walk = new Walk($rim, $pieces);

        return new TapeLayout(
            $pieces,
            $rim->area(),
            $walk->share(),
            $walk->longestBare(),
            $walk->weakest(),
            self::freed($rim),
        );
    }

    /** @param list<float> $widths */
    private function band(
        Rim $rim,
        EdgePlace $place,
        array $widths,
        CornerCut $cut,
        Fillings $fillings,
    ): ?Band {
        $side = $place->side();
        if ($side !== null) {
            return new StraightBand($rim, $side, $fillings);
        }
        if (!$rim->hasArcs()) {
            return null;
        }

        return $cut === CornerCut::Trimmed
            ? new TrimmedBand($rim, $place, $widths)
            : new ArcBand($rim, $place, $cut, $fillings);
    }

    /**
     * Strips of the widest stock that the zone takes, side by side along its longer side.
     *
     * @param list<float> $widths
     *
     * @return list<Piece>
     */
    private static function inZone(Rim $rim, Rectangle $zone, array $widths): array
    {
        $level = $zone->width >= $zone->height;
        [$long, $deep] = $level ? [$zone->width, $zone->height] : [$zone->height, $zone->width];
        $fits = array_filter($widths, static fn(float $w): bool => $w <= $deep + 1e-9);
        if ($fits === []) {
            return [];
        }
        $width = max($fits);
        $pieces = [];
        for ($at = 0.0; $at + $width <= $deep + 1e-9; $at += $width) {
            $box = $level
                ? new Rectangle($zone->x, $zone->y + $at, $long, $width)
                : new Rectangle($zone->x + $at, $zone->y, $width, $long);
            $lies = Polygon::box($box);
            $free = array_filter($rim->keepOuts, static fn(KeepOut $o): bool => $lies->meets($o->shape)) === [];
            if ($free && $long >= Piece::SHORTEST) {
                $pieces[] = new Piece(
                    EdgePlace::Middle,
                    $width,
                    $long,
                    $lies,
                    0.0,
                    $long,
                    $at,
                );
            }
        }

        return $pieces;
    }

    /** @return list<string> ids of openings whose clearance reaches over the ledge */
    private static function freed(Rim $rim): array
    {
        $freed = [];
        foreach ($rim->keepOuts as $out) {
            $box = Polygon::box($out->shape->box);
            $inWell = $out->shape->box->grown(1e-6);
            if ($out->opening !== null && !$rim->well->box->contains($inWell) && $box->meets($rim->wall)) {
                $freed[] = $out->opening;
            }
        }

        return $freed;
    }
}
