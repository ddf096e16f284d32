<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\IfCovered;
use Facelift\Anatomy\Phone;
use Facelift\Geometry\Leg;
use Facelift\Geometry\Point;

/** Lays optical adhesive for new glass: a bar along the middle that widens at both ends, drops beyond a camera hole. */
final readonly class GlassLayer
{
    /** mm between panel and glass (engineering estimate, from memory) */
    public const GAP = 0.15;
    /** Pa·s of optical adhesive at 20 °C (engineering estimate, from memory; products span a factor of ten) */
    public const VISCOSITY = 0.4;
    /** Its viscosity halves with this many degrees (engineering estimate, from memory). */
    private const HALVES = 15.0;
    /** g/mm³ of glass, and its thickness in mm */
    private const GLASS = [0.00245, 0.6];
    private const GRAVITY = 9.81;
    /** °C that a warm mat brings it to (common practice, no source) */
    public const WARM = 40.0;

    /**
     * @param float $room   °C
     * @param float $weight g laid flat on the glass, zero or more
     */
    public function lay(Phone $phone, float $room, float $weight = 0.0, float $gap = self::GAP): GlassLaying
    {
        if (!is_finite($gap) || $gap < 0.02 || $gap > 1.0) {
            throw NothingToSeal::figure('gap', $gap, 0.02, 1.0);
        }
        $lit = $phone->body->display;
        $area = GlassLaying::area($lit);
        $wide = $lit->width;
        $c = $lit->centre();
        $ends = [$lit->y + 0.75 * $wide / 2, $lit->bottom() - 0.75 * $wide / 2];
        $bar = [Leg::line(new Point($c->x, $ends[0]), new Point($c->x, $ends[1]))];
        foreach ([[$ends[0], -1], [$ends[1], 1]] as [$y, $way]) {
            foreach ([-1, 1] as $aside) {
                $bar[] = Leg::line(
                    new Point($c->x, $y),
                    new Point($c->x + $aside * 0.28 * $wide, $y + $way * 0.28 * $wide),
                );
            }
        }
        $drops = [];
        foreach ($phone->openings as $opening) {
            if ($opening->ifCovered === IfCovered::CameraBlurred && $lit->holds($opening->centre)) {
                $up = $opening->centre->y < $c->y ? -1 : 1;
                $drops[] = new Point(
                    $opening->centre->x,
                    $opening->centre->y + $up * ($opening->height / 2 + $opening->clearance),
                );
            }
        }
        $force = ($weight + $area * self::GLASS[0] * self::GLASS[1]) / 1000 * self::GRAVITY;

        return new GlassLaying(
            $gap,
            $area,
            $bar,
            $drops,
            self::squeezed(
                self::viscosity($room),
                $area,
                $force,
                $gap,
            ),
            self::squeezed(
                self::viscosity(self::WARM),
                $area,
                $force,
                $gap,
            ),
        );
    }

    /** Pa·s at a temperature in °C */
    public static function viscosity(float $at): float
    {
        return self::VISCOSITY * 0.5 ** (($at - 20.0) / self::HALVES);
    }

    /**
     * Seconds until a film between two plates is squeezed down to a gap, from so thick that it does not count.
     *
     * Stefan's squeezed film between discs, t = 3πηR⁴/(4F) · (1/h² − 1/h₀²) (J. Stefan 1874, quoted from memory), for
     * a disc of the panel's area: a long panel fills its corners later, so it is an estimate from below.
     *
     * @param float $viscosity Pa·s
     * @param float $area      mm²
     * @param float $force     N
     * @param float $gap       mm
     * @param float $from      mm that it is thick to begin with; INF if it does not count
     */
    public static function squeezed(
        float $viscosity,
        float $area,
        float $force,
        float $gap,
        float $from = \INF,
    ): float {
        $radius = sqrt($area / \M_PI) / 1000;
        $metre = static fn(float $mm): float => $mm / 1000;
        $squares = 1 / $metre($gap) ** 2 - (is_infinite($from) ? 0.0 : 1 / $metre($from) ** 2);

        return 3 * \M_PI * $viscosity * $radius ** 4 / (4 * $force) * $squares;
    }
}
