<?php

declare(strict_types=1);

namespace Facelift\Record;

/**
 * What is believed of a source's contact now, and of how it drifts, from the readings of many jobs: a straight line of
 * the logarithm over time by weighted least squares, with a belief before it as two more observations (Gelman et al.,
 * Bayesian Data Analysis, chapter 14; from memory). Phones lie differently on a source, so no job is taken as more
 * certain than that.
 */
final readonly class ContactBelief
{
    /** Of the logarithm, from phone to phone (engineering estimate, from memory). */
    private const PHONES = 0.08;
    /** Of the logarithm of an estimate, as `Facelift\Heat\Uncertainty` has it. */
    private const ESTIMATE = 0.12;
    /** Of the drift in a year, before anything was seen (engineering estimate, from memory). */
    private const DRIFT = 0.1;
    /** Standard deviations between which nine of ten lie. */
    private const NINETY = 1.6448536269514722;

    /**
     * @param float    $coefficient W/(m²·K), now
     * @param Interval $band        in which it lies in nine of ten cases
     * @param float    $drift       share in a year; negative if it gets worse
     * @param Interval $drifts      likewise
     */
    private function __construct(
        public float $coefficient,
        public Interval $band,
        public float $drift,
        public Interval $drifts,
        public int $jobs,
    ) {}

    /**
     * @param float             $estimate W/(m²·K), more than zero
     * @param list<ContactSeen> $seen     in any order
     * @param float             $now      years, as in what was seen
     */
    public static function of(float $estimate, array $seen, float $now): self
    {
        // Of level now and slope: the inverse of their covariance, and what it is multiplied with.
        [$aa, $ab, $bb] = [1 / self::ESTIMATE ** 2, 0.0, 1 / self::DRIFT ** 2];
        [$ya, $yb] = [log($estimate) / self::ESTIMATE ** 2, 0.0];
        foreach ($seen as $s) {
            $weight = 1 / ($s->error ** 2 + self::PHONES ** 2);
            $t = $s->years - $now;
            $aa += $weight;
            $ab += $weight * $t;
            $bb += $weight * $t * $t;
            $ya += $weight * $s->log;
            $yb += $weight * $t * $s->log;
        }
        $det = $aa * $bb - $ab * $ab;
        $level = ($bb * $ya - $ab * $yb) / $det;
        $slope = ($aa * $yb - $ab * $ya) / $det;
        $off = self::NINETY * sqrt($bb / $det);
        $turns = self::NINETY * sqrt($aa / $det);

        return new self(
            exp($level),
            new Interval(exp($level - $off), exp($level + $off)),
            exp($slope) - 1,
            new Interval(exp($slope - $turns) - 1, exp($slope + $turns) - 1),
            \count($seen),
        );
    }

    /** True if it can be told that it gets better or worse. */
    public function drifts(): bool
    {
        return $this->drifts->low > 0.0 || $this->drifts->high < 0.0;
    }
}
