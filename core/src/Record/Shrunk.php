<?php

declare(strict_types=1);

namespace Facelift\Record;

/**
 * Groups that are alike: each is believed to lie the nearer to all of them the less it has shown, by empirical Bayes of
 * a one-way layout (as Efron & Morris 1973; the variance between groups by its moments, as in the analysis of variance
 * of Searle, Casella & McCulloch, Variance Components; both from memory).
 */
final readonly class Shrunk
{
    /** Standard deviation of a logarithm of a time while too little was seen to tell it (estimate from memory). */
    private const SPREAD = 0.45;
    /** Of groups among each other, while there are fewer than three (estimate from memory). */
    private const APART = 0.25;
    /** Standard deviations between which nine of ten lie. */
    private const NINETY = 1.6448536269514722;

    /**
     * @param float                $all     logarithm of how many times as long as planned all take
     * @param array<string, float> $means   of each group
     * @param array<string, float> $errors  standard deviation of each mean
     */
    private function __construct(public float $all, private array $means, private array $errors) {}

    /** @param array<string, Ratios> $groups by name */
    public static function of(array $groups): self
    {
        $groups = array_filter($groups, static fn(Ratios $r): bool => $r->count > 0);
        $count = array_sum(array_map(static fn(Ratios $r): int => $r->count, $groups));
        $k = \count($groups);
        if ($count === 0) {
            return new self(0.0, [], []);
        }
        $scatter = array_sum(array_map(static fn(Ratios $r): float => $r->scatter(), $groups));
        // Ten that scatter as is usual, so that two steps that went alike are not taken as certain.
        $within = ($scatter + 10 * self::SPREAD ** 2) / (max(0, $count - $k) + 10);
        $between = self::between($groups, $within);
        $weights = array_map(static fn(Ratios $r): float => 1 / ($between + $within / $r->count), $groups);
        $all = array_sum(array_map(
            static fn(Ratios $r, float $w): float => $w * $r->mean(),
            $groups,
            $weights,
        )) / array_sum($weights);
        $means = $errors = [];
        foreach ($groups as $name => $r) {
            $own = $between / ($between + $within / $r->count);
            $means[$name] = $own * $r->mean() + (1 - $own) * $all;
            $errors[$name] = sqrt($own * $within / $r->count + (1 - $own) ** 2 / array_sum($weights));
        }

        return new self($all, $means, $errors);
    }

    /** How many times as long as planned a group takes; as all do, if nothing was seen of it. */
    public function times(string $group): float
    {
        return exp($this->means[$group] ?? $this->all);
    }

    /** Between how many times in nine of ten cases. */
    public function band(string $group): Interval
    {
        $off = self::NINETY * ($this->errors[$group] ?? self::APART);
        $mean = $this->means[$group] ?? $this->all;

        return new Interval(exp($mean - $off), exp($mean + $off));
    }

    /** @param array<string, Ratios> $groups */
    private static function between(array $groups, float $within): float
    {
        $k = \count($groups);
        if ($k < 3) {
            return self::APART ** 2;
        }
        $count = array_sum(array_map(static fn(Ratios $r): int => $r->count, $groups));
        $mean = array_sum(array_map(static fn(Ratios $r): float => $r->count * $r->mean(), $groups)) / $count;
        $apart = array_sum(array_map(
            static fn(Ratios $r): float => $r->count * ($r->mean() - $mean) ** 2,
            $groups,
        ));
        $each = ($count - array_sum(array_map(static fn(Ratios $r): float => $r->count ** 2, $groups)) / $count);

        return max(0.0025, ($apart - ($k - 1) * $within) / $each);
    }
}
