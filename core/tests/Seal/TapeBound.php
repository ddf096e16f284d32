<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Facelift\Geometry\Point;
use Facelift\Geometry\Side;
use Facelift\Seal\Rim;

/**
 * What any layout of stock along the wall could hold: at every place of the wall, the widest stock side by side in what
 * is free behind it. Found by points, not by the shapes that the layouts are made of.
 */
final class TapeBound
{
    /** mm² */
    public static function of(Rim $rim): float
    {
        $step = 0.5;
        $deep = 0.02;
        $area = 0.0;
        $b = $rim->wall->box;
        $r = $rim->wall->radius;
        $limit = 1.5 * $rim->widest();
        // Straight sides, then corners: from a place at the wall and the way inwards.
        $starts = [];
        foreach (Side::cases() as $side) {
            for ($at = $r + $step / 2; $at < $rim->wall->length($side) - $r; $at += $step) {
                $starts[] = match ($side) {
                    Side::Top => [$b->x + $at, $b->y, 0.0, 1.0, \INF],
                    Side::Bottom => [$b->x + $at, $b->bottom(), 0.0, -1.0, \INF],
                    Side::Left => [$b->x, $b->y + $at, 1.0, 0.0, \INF],
                    Side::Right => [$b->right(), $b->y + $at, -1.0, 0.0, \INF],
                };
            }
        }
        foreach ([[1, 1], [-1, 1], [1, -1], [-1, -1]] as [$sx, $sy]) {
            $cx = $sx > 0 ? $b->x + $r : $b->right() - $r;
            $cy = $sy > 0 ? $b->y + $r : $b->bottom() - $r;
            for ($at = $step / 2; $at < \M_PI * $r / 2; $at += $step) {
                [$ux, $uy] = [$sx * cos($at / $r), $sy * sin($at / $r)];
                $starts[] = [$cx - $r * $ux, $cy - $r * $uy, $ux, $uy, $r];
            }
        }
        foreach ($starts as [$x, $y, $ux, $uy, $radius]) {
            $run = null;
            for ($d = $deep / 2; $d < $limit + $deep; $d += $deep) {
                $free = $d < $limit && $rim->holds(new Point($x + $d * $ux, $y + $d * $uy));
                if ($free) {
                    $run ??= $d - $deep / 2;
                } elseif ($run !== null) {
                    // Laid as far out as it goes, where the arc is longest.
                    $most = Scan::most($d - $deep / 2 - $run + $deep, Ledges::STOCK);
                    $area += is_infinite($radius)
                        ? $step * $most
                        : $step / $radius * (($radius - $run) ** 2 - ($radius - $run - $most) ** 2) / 2;
                    $run = null;
                }
            }
        }

        return $area;
    }
}
