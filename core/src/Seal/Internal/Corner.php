<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Geometry\Point;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Seal\EdgePlace;
use Facelift\Seal\Rim;

/**
 * A rounded corner of the bezel's wall, walked clockwise as seen from the front.
 *
 * @internal
 */
final readonly class Corner
{
    private function __construct(private Point $centre, private float $start, private bool $left, private bool $top) {}

    public static function of(Rim $rim, EdgePlace $place): self
    {
        $b = $rim->wall->box;
        $r = $rim->wall->radius;
        $left = $place === EdgePlace::TopLeft || $place === EdgePlace::BottomLeft;
        $top = $place === EdgePlace::TopLeft || $place === EdgePlace::TopRight;
        $start = match ($place) {
            EdgePlace::TopRight => -\M_PI / 2,
            EdgePlace::BottomRight => 0.0,
            EdgePlace::BottomLeft => \M_PI / 2,
            default => \M_PI,
        };

        return new self(
            new Point($left ? $b->x + $r : $b->right() - $r, $top ? $b->y + $r : $b->bottom() - $r),
            $start,
            $left,
            $top,
        );
    }

    /**
     * @param float $turn  share of the quarter circle that is walked, 0 to 1
     * @param float $reach mm from the arc's centre
     */
    public function at(float $turn, float $reach): Point
    {
        $angle = $this->start + $turn * \M_PI / 2;

        return new Point($this->centre->x + $reach * cos($angle), $this->centre->y + $reach * sin($angle));
    }

    /** True if some of the shape lies in the quarter of the phone that the arc's centre sees. */
    public function sees(RoundedRectangle $shape): bool
    {
        $box = $shape->box;

        return ($this->left ? $box->x < $this->centre->x : $box->right() > $this->centre->x)
            && ($this->top ? $box->y < $this->centre->y : $box->bottom() > $this->centre->y);
    }

    /** @return list<RoundedRectangle> what openings keep clear here */
    public function openings(Rim $rim): array
    {
        $shapes = [];
        foreach ($rim->keepOuts as $out) {
            if ($this->sees($out->shape)) {
                $shapes[] = $out->shape;
            }
        }

        return $shapes;
    }
}
