<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** Advances a temperature profile by one fixed step; the tridiagonal matrix is factored once. */
final readonly class Stepper
{
    private const GAMMA = 0.29289321881345254;

    /** @var list<float> */
    private array $factor;

    /** @var list<float> */
    private array $pivot;

    /**
     * @param list<float>         $capacity J/(m²·K)
     * @param list<float>         $link     W/(m²·K)
     * @param array{float, float} $skin     W/(m²·K) to the surroundings of the first and the last cell
     * @param array{float, float} $medium   °C
     * @param float               $step     s, strictly positive
     */
    public function __construct(
        private array $capacity,
        private array $link,
        private array $skin,
        private array $medium,
        public float $step,
    ) {
        $n = \count($capacity);
        $g = self::GAMMA * $step;
        $factor = $pivot = [];
        for ($i = 0; $i < $n; ++$i) {
            $out = ($i > 0 ? $link[$i - 1] : $skin[0]) + ($i < $n - 1 ? $link[$i] : $skin[1]);
            $diagonal = $capacity[$i] + $g * $out;
            $factor[] = $i > 0 ? -$g * $link[$i - 1] / $pivot[$i - 1] : 0.0;
            $pivot[] = $i > 0 ? $diagonal + $factor[$i] * $g * $link[$i - 1] : $diagonal;
        }
        $this->factor = $factor;
        $this->pivot = $pivot;
    }

    /**
     * @param list<float> $profile °C
     *
     * @return list<float> °C one step later
     */
    public function next(array $profile): array
    {
        return $this->advance($profile)[0];
    }

    /**
     * @param list<float> $profile °C
     *
     * @return array{list<float>, float} the profile one step later, and the heat in J/m² that came in through both
     *     faces
     */
    public function advance(array $profile): array
    {
        [$end, $in] = $this->estimate($profile);

        return [$end, $in];
    }

    /**
     * The same with an estimate of the step's error: the largest distance in K to the first-order rule that lies in it,
     * hγ·|k₂ − k₁|. It overstates the error of the second-order result that is kept.
     *
     * @param list<float> $profile °C
     *
     * @return array{list<float>, float, float}
     */
    public function estimate(array $profile): array
    {
        $h = $this->step;
        $g = self::GAMMA;
        $k1 = $this->solve($this->flow($profile));
        $mid = $s1 = $end = [];
        foreach ($profile as $i => $t) {
            $s1[] = $t + $h * $g * $k1[$i];
            $mid[] = $t + $h * (1 - $g) * $k1[$i];
        }
        $k2 = $this->solve($this->flow($mid));
        foreach ($mid as $i => $t) {
            $end[] = $t + $h * $g * $k2[$i];
        }
        $apart = 0.0;
        foreach ($k1 as $i => $k) {
            $apart = max($apart, abs($k2[$i] - $k));
        }

        return [$end, $h * ((1 - $g) * $this->inflow($s1) + $g * $this->inflow($end)), $h * $g * $apart];
    }

    /** @param list<float> $t */
    private function inflow(array $t): float
    {
        return $this->skin[0] * ($this->medium[0] - $t[0]) + $this->skin[1] * ($this->medium[1] - $t[\count($t) - 1]);
    }

    /**
     * @param list<float> $t
     *
     * @return list<float> W/m² into each cell
     */
    private function flow(array $t): array
    {
        $last = \count($t) - 1;
        $flow = [];
        $in = $this->skin[0] * ($this->medium[0] - $t[0]);
        for ($i = 0; $i < $last; ++$i) {
            $out = $this->link[$i] * ($t[$i] - $t[$i + 1]);
            $flow[] = $in - $out;
            $in = $out;
        }
        $flow[] = $in + $this->skin[1] * ($this->medium[1] - $t[$last]);

        return $flow;
    }

    /**
     * @param list<float> $right
     *
     * @return list<float> K/s
     */
    private function solve(array $right): array
    {
        $n = \count($right);
        for ($i = 1; $i < $n; ++$i) {
            $right[$i] -= $this->factor[$i] * $right[$i - 1];
        }
        $g = self::GAMMA * $this->step;
        $behind = 0.0;
        $reversed = [];
        for ($i = $n - 1; $i >= 0; --$i) {
            $behind = ($right[$i] + ($i < $n - 1 ? $g * $this->link[$i] * $behind : 0.0)) / $this->pivot[$i];
            $reversed[] = $behind;
        }

        return array_reverse($reversed);
    }
}
