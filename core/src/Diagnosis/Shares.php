<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

/**
 * How likely each of several explanations is, of which one holds: Bayes' rule, and Shannon's entropy of what is left.
 * Whoever weighs causes here, before the work or after a failed test, does it with this.
 */
final readonly class Shares
{
    /** @param array<array-key, float> $of by explanation; they sum to one, or are all zero if nothing explains */
    private function __construct(public array $of) {}

    /** @param array<array-key, float> $weights zero or more each, of any sum */
    public static function of(array $weights): self
    {
        $sum = array_sum($weights);

        return new self(array_map(static fn(float $w): float => $sum > 0.0 ? $w / $sum : 0.0, $weights));
    }

    /**
     * After something was seen.
     *
     * @param callable(array-key): float $likelihood of what was seen, 0 to 1, given the explanation
     */
    public function seeing(callable $likelihood): self
    {
        $joint = [];
        foreach ($this->of as $explanation => $share) {
            $joint[$explanation] = $share * $likelihood($explanation);
        }

        return self::of($joint);
    }

    /** Bits that are still to be learned. */
    public function bits(): float
    {
        return -array_sum(array_map(static fn(float $p): float => $p > 0.0 ? $p * log($p, 2) : 0.0, $this->of));
    }

    /**
     * What a look is expected to tell.
     *
     * @param list<string>                         $results    of which one is seen
     * @param callable(string, array-key): float   $likelihood of a result given the explanation; one over all results
     *
     * @return array{float, array<string, float>} expected reduction in bits, and how likely each result is
     */
    public function expects(array $results, callable $likelihood): array
    {
        $left = 0.0;
        $likely = [];
        foreach ($results as $result) {
            $joint = [];
            foreach ($this->of as $explanation => $share) {
                $joint[$explanation] = $share * $likelihood($result, $explanation);
            }
            $likely[$result] = array_sum($joint);
            $left += $likely[$result] * self::of($joint)->bits();
        }

        return [$this->bits() - $left, $likely];
    }
}
