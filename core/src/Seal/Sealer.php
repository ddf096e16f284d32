<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Opening;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Renewal;
use Facelift\Fit\HeightBudget;
use Facelift\Geometry\Point;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\Side;

/** Lays out the adhesive of a bond: never tape on tape, free of openings by their clearance. */
final readonly class Sealer
{
    /** Stock tape widths in mm (common practice). */
    public const STOCK = [1.0, 1.5, 2.0, 3.0, 5.0];
    /** A shorter piece does not hold and is left out, mm (common practice, no source). */
    private const SHORTEST = 3.0;

    public function plan(Phone $phone, Bond $bond, bool $ofDisplay): SealPlan
    {
        $height = $ofDisplay
            ? new HeightBudget(
                $phone->ledge->recess,
                $phone->ledge->module,
                $bond->closing->height,
                $phone->ledge->tolerance,
            )
            : null;
        if ($bond->closing->renewal !== Renewal::Tape || $bond->cut === null) {
            return new SealPlan(
                $bond->id,
                $bond->closing->renewal,
                [],
                [],
                $height,
                [],
            );
        }
        $strips = [];
        foreach (Side::cases() as $side) {
            array_push($strips, ...$this->side($phone, $bond, $side));
        }
        $metres = [];
        foreach ($strips as $strip) {
            $key = number_format($strip->width, 1, '.', '') . ' mm';
            $metres[$key] = ($metres[$key] ?? 0.0) + $strip->length() / 1000;
        }
        $freed = array_keys(
            array_filter($phone->openings, fn(Opening $o): bool => $this->inAnyBand($phone, $bond, $o)),
        );

        return new SealPlan(
            $bond->id,
            $bond->closing->renewal,
            $strips,
            $metres,
            $height,
            $freed,
        );
    }

    /** The widest stock tape that the ledge takes. */
    public static function stockFor(float $ledge): float
    {
        return array_reduce(
            self::STOCK,
            static fn(float $best, float $w): float => $w <= $ledge + 1e-9 ? $w : $best,
            self::STOCK[0],
        );
    }

    /** @return list<Strip> */
    private function side(Phone $phone, Bond $bond, Side $side): array
    {
        $width = self::stockFor($phone->ledge->width($side));
        $band = $this->band($phone, $side);
        $pieces = [
            [$side->isHorizontal() ? $band->x : $band->y, $side->isHorizontal() ? $band->right() : $band->bottom()],
        ];
        foreach ($this->blocked($phone, $bond, $band) as [$from, $to]) {
            $pieces = self::without($pieces, $side->isHorizontal() ? [$from->x, $to->x] : [$from->y, $to->y]);
        }
        $strips = [];
        foreach ($pieces as [$a, $b]) {
            if ($b - $a >= self::SHORTEST) {
                $strips[] = new Strip(
                    $side,
                    $width,
                    $side->isHorizontal()
                        ? new Rectangle($a, $band->y, $b - $a, $band->height)
                        : new Rectangle($band->x, $a, $band->width, $b - $a),
                );
            }
        }

        return $strips;
    }

    /** Top and bottom run over the corners; the sides end where those begin, so no tape lies on tape. */
    private function band(Phone $phone, Side $side): Rectangle
    {
        $g = $phone->body->glass->box;
        $w = static fn(Side $s): float => self::stockFor($phone->ledge->width($s));
        $top = $w(Side::Top);
        $inner = $g->height - $top - $w(Side::Bottom);

        return match ($side) {
            Side::Top => new Rectangle($g->x, $g->y, $g->width, $top),
            Side::Bottom => new Rectangle($g->x, $g->bottom() - $w(Side::Bottom), $g->width, $w(Side::Bottom)),
            Side::Left => new Rectangle($g->x, $g->y + $top, $w(Side::Left), $inner),
            Side::Right => new Rectangle($g->right() - $w(Side::Right), $g->y + $top, $w(Side::Right), $inner),
        };
    }

    /** @return list<array{Point, Point}> */
    private function blocked(Phone $phone, Bond $bond, Rectangle $band): array
    {
        if ($bond->face !== Face::Front) {
            return [];
        }
        $hit = array_filter($phone->openings, static fn(Opening $o): bool => $o->keepOut()->meets($band));

        return array_values(
            array_map(
                static fn(Opening $o): array => [
                    new Point($o->keepOut()->x, $o->keepOut()->y),
                    new Point($o->keepOut()->right(), $o->keepOut()->bottom()),
                ],
                $hit,
            ),
        );
    }

    private function inAnyBand(Phone $phone, Bond $bond, Opening $opening): bool
    {
        return $bond->face === Face::Front
            && array_filter(Side::cases(), fn(Side $s): bool => $opening->keepOut()->meets($this->band($phone, $s)))
                !== [];
    }

    /**
     * @param list<array{float, float}> $pieces
     * @param array{float, float}       $hole
     *
     * @return list<array{float, float}>
     */
    private static function without(array $pieces, array $hole): array
    {
        $left = [];
        foreach ($pieces as [$a, $b]) {
            foreach ([[$a, min($b, $hole[0])], [max($a, $hole[1]), $b]] as [$from, $to]) {
                if ($to - $from > 1e-9) {
                    $left[] = [$from, $to];
                }
            }
        }

        return $left;
    }
}
