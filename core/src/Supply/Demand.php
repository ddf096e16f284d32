<?php

declare(strict_types=1);

namespace Facelift\Supply;

use InvalidArgumentException;

/**
 * How much may be wanted in a time to come, from what was wanted in a time that is over.
 *
 * Jobs come by chance, so their number in a time is Poisson's, and the rate is known no better than the record tells.
 * Before any record a thing is taken to be wanted once in four weeks, give or take as much again (common practice, no
 * source): a gamma law of the rate with shape 1/2 and two weeks. After n jobs in T weeks it has shape n + 1/2 and T + 2
 * weeks (conjugate prior of Poisson's law: Bayesian Data Analysis, Gelman and others, third edition, section 2.6, from
 * memory), so that in the time to come a negative binomial number is wanted. Jobs that take differing amounts are
 * counted as equal ones with the same sum and spread (scaled Poisson: Bohm and Zech, Statistics of weighted Poisson
 * events and its applications, Nuclear Instruments and Methods A 748, 2014, from memory).
 */
final readonly class Demand
{
    /** shape of what is known of a rate before any record, and the weeks that it is worth */
    private const SHAPE = 0.5;
    private const WEEKS = 2.0;
    /** a search ends here: no counter keeps as many */
    private const MOST = 100_000;

    /** jobs of equal amounts that stand for those of the record */
    private float $jobs;
    /** what each of them takes */
    private float $each;

    /**
     * @param list<float> $amounts what each job took, pieces, ml or m
     * @param float       $weeks   that the record covers
     *
     * @throws InvalidArgumentException If an amount or the time is not positive.
     */
    public function __construct(public array $amounts, public float $weeks)
    {
        if ($weeks <= 0.0 || array_filter($amounts, static fn(float $a): bool => $a <= 0.0) !== []) {
            throw new InvalidArgumentException('amounts and weeks must be positive');
        }
        $sum = array_sum($amounts);
        $squares = array_sum(array_map(static fn(float $a): float => $a * $a, $amounts));
        $this->each = $sum > 0.0 ? $squares / $sum : 1.0;
        $this->jobs = $sum > 0.0 ? $sum * $sum / $squares : 0.0;
    }

    /** A record of so many jobs of one piece each. */
    public static function pieces(int $jobs, float $weeks): self
    {
        return new self(array_fill(0, $jobs, 1.0), $weeks);
    }

    /** What was wanted in a week, in the mean. */
    public function perWeek(): float
    {
        return array_sum($this->amounts) / $this->weeks;
    }

    /**
     * What suffices for a time with a probability.
     *
     * @param float $weeks to come, from 0
     * @param float $sure  share of such times for which it is enough, below 1
     *
     * @throws InvalidArgumentException If the time is negative or the share outside 0 to 1.
     */
    public function enoughFor(float $weeks, float $sure): float
    {
        if ($weeks < 0.0 || $sure <= 0.0 || $sure >= 1.0) {
            throw new InvalidArgumentException('weeks must not be negative, and the share lies between 0 and 1');
        }
        if ($this->amounts === [] || $weeks === 0.0) {
            return 0.0;
        }
        $shape = $this->jobs + self::SHAPE;
        $known = $this->weeks + self::WEEKS;
        $none = $known / ($known + $weeks);
        $log = $shape * log($none);
        $below = exp($log);
        $count = 0;
        while ($below < $sure && $count < self::MOST) {
            $log += log(($shape + $count) / ($count + 1) * (1.0 - $none));
            $below += exp($log);
            ++$count;
        }

        return $count * $this->each;
    }
}
