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
        $hg = $h * $g;
        $k1 = $this->rates($profile);
        $mid = $end = [];
        foreach ($profile as $i => $t) {
            $mid[] = $t + ($h - $hg) * $k1[$i];
        }
        $k2 = $this->rates($mid);
        $apart = 0.0;
        foreach ($mid as $i => $t) {
            $end[] = $t + $hg * $k2[$i];
            $by = $k2[$i] - $k1[$i];
            if ($by > $apart) {
                $apart = $by;
            } elseif (-$by > $apart) {
                $apart = -$by;
            }
        }
        $last = \count($profile) - 1;
        $in = $this->inflow($profile[0] + $hg * $k1[0], $profile[$last] + $hg * $k1[$last]);

        return [$end, $h * ((1 - $g) * $in + $g * $this->inflow($end[0], $end[$last])), $hg * $apart];
    }

    private function inflow(float $first, float $last): float
    {
        return $this->skin[0] * ($this->medium[0] - $first) + $this->skin[1] * ($this->medium[1] - $last);
    }

    /**
     * K/s in each cell: what flows into it, solved for in one sweep there and one back.
     *
     * @param list<float> $t °C
     *
     * @return list<float>
     */
    private function rates(array $t): array
    {
        [$link, $factor, $pivot] = [$this->link, $this->factor, $this->pivot];
        $last = \count($t) - 1;
        $in = $this->skin[0] * ($this->medium[0] - $t[0]);
        $before = 0.0;
        $rates = [];
        for ($i = 0; $i < $last; ++$i) {
            $out = $link[$i] * ($t[$i] - $t[$i + 1]);
            $rates[] = $before = $in - $out - $factor[$i] * $before;
            $in = $out;
        }
        $rates[] = $in + $this->skin[1] * ($this->medium[1] - $t[$last]) - $factor[$last] * $before;
        $g = self::GAMMA * $this->step;
        $behind = $rates[$last] / $pivot[$last];
        $reversed = [$behind];
        for ($i = $last - 1; $i >= 0; --$i) {
            $reversed[] = $behind = ($rates[$i] + $g * $link[$i] * $behind) / $pivot[$i];
        }

        return array_reverse($reversed);
    }
}
