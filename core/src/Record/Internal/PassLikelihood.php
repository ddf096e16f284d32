<?php

declare(strict_types=1);

namespace Facelift\Record\Internal;

use Facelift\Heat\PaceCurve;
use Facelift\Record\DragChance;
use Facelift\Record\PassAsSeen;
use Facelift\Record\WindowEvidence;

/**
 * How likely the passes of a job are, by how much hotter the bond was against the window than estimated.
 *
 * Whether a blade drags is a logistic function of how far inside the window the pass ends; the logarithm of the pace
 * lies about that of the curve, and one pass in twenty went otherwise: somebody was spoken to.
 *
 * @internal
 */
final class PassLikelihood
{
    /** of the logarithm of a pass's pace, as `Facelift\Heat\Uncertainty` has it */
    private const SPREAD = 0.25;
    /** of one that went otherwise, and how many do (common practice, no source) */
    private const WIDE = 1.2;
    private const OTHERWISE = 0.05;

    /** @var array<int, list<float>> logarithms by pace, by how many steps hotter */
    private array $hotter = [];

    /** @param list<PassAsSeen> $passes */
    public function __construct(private readonly PaceCurve $estimate, private readonly array $passes) {}

    /**
     * The logarithms, by pace.
     *
     * @param int $steps of the grid by which the bond was hotter
     *
     * @return list<float>
     */
    public function at(int $steps): array
    {
        return $this->hotter[$steps] ??= $this->byPace($steps * WindowEvidence::STEP);
    }

    /** @return list<float> */
    private function byPace(float $hotter): array
    {
        [$felt, $residuals] = $this->seen($hotter);
        $logs = [];
        for ($place = 0; $place < WindowEvidence::paces(); ++$place) {
            $log = $felt;
            foreach ($residuals as $residual) {
                $off = ($residual - WindowEvidence::pace($place)) ** 2 / 2;
                $log += log((1 - self::OTHERWISE) / self::SPREAD * exp(-$off / self::SPREAD ** 2)
                    + self::OTHERWISE / self::WIDE * exp(-$off / self::WIDE ** 2));
            }
            $logs[] = $log;
        }

        return $logs;
    }

    /** @return array{float, list<float>} logarithm of what was felt, and of each pace over the curve's */
    private function seen(float $hotter): array
    {
        $log = 0.0;
        $residuals = [];
        foreach ($this->passes as $pass) {
            if ($pass->dragged !== null) {
                $inside = ($pass->ends + $hotter - $this->estimate->window->low) / DragChance::OVER;
                $log -= log1p(exp($pass->dragged ? $inside : -$inside));
            }
            // A blade that drags is stopped: how long that took says nothing.
            if ($pass->dragged !== true) {
                $curve = $this->estimate->at(($pass->starts + $pass->ends) / 2 + $hotter);
                $curve = $curve > 0.0 ? $curve : $this->estimate->torn();
                $residuals[] = log($pass->mm / $pass->seconds / $curve);
            }
        }

        return [$log, $residuals];
    }
}
