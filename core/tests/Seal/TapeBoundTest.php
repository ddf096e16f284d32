<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Facelift\Geometry\Point;
use Facelift\Geometry\Side;
use Facelift\Seal\CornerCut;
use Facelift\Seal\Rim;
use Facelift\Seal\TapeLayer;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Tape on the shipped phones against what any layout could hold. */
#[Group('long')]
final class TapeBoundTest extends TestCase
{
    /**
     * No layout of stock laid along the wall holds more than, at every place of it, the widest stock side by side in
     * what is free behind it. The layouts come to 95 % of that bound.
     */
    public function testShippedPhonesAgainstTheBoundOfAnyLayout(): void
    {
        foreach (Ledges::ofPhones() as $name => $rim) {
            $bound = self::bound($rim);
            $held = (new TapeLayer())->lay($rim, Ledges::STOCK, CornerCut::Notched, Side::Top)->holds();
            self::assertLessThan($bound * 1.005, $held, $name);
            self::assertGreaterThan(0.95 * $bound, $held, \sprintf('%s: %.1f of %.1f mm²', $name, $held, $bound));
        }
    }

    private static function bound(Rim $rim): float
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
