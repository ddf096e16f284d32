<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault\Internal;

use Facelift\Diagnosis\Shares;
use Facelift\Proof\Fault\Look;
use Facelift\Proof\Fault\LookSeen;
use Facelift\Proof\Fault\Suspicion;
use Facelift\Proof\Fault\TestSeen;

/**
 * Everything that can be behind failing tests that share suspicions, and how likely each is: every set of faults, or
 * of a long list every set of a few.
 *
 * @internal
 */
final readonly class Explanations
{
    /** So many suspicions are reckoned in every combination. */
    private const ALL_OF = 9;
    /** Of a list up to this long four at once, of a longer one three. */
    private const LONG = 16;
    /** No more than these are put together. */
    private const AT_MOST = 20;

    /**
     * @param list<Suspicion>   $suspicions
     * @param list<TestSeen>    $failing    that one of them could be behind
     * @param list<Explanation> $all
     */
    private function __construct(
        public array $suspicions,
        public array $failing,
        private array $all,
        public Shares $shares,
        public float $leftOut,
    ) {}

    /**
     * @param list<Suspicion> $suspicions
     * @param list<TestSeen>  $failing
     * @param list<TestSeen>  $passing
     * @param list<LookSeen>  $looks
     */
    public static function of(array $suspicions, array $failing, array $passing, array $looks): self
    {
        $suspicions = self::telling($suspicions, $failing, $passing);
        $odds = array_map(static fn(Suspicion $s): float => self::odds($s, $passing), $suspicions);
        $all = $weights = [];
        $most = self::most(\count($suspicions));
        foreach (self::sets(\count($suspicions), $most) as $set) {
            $explanation = new Explanation(array_map(static fn(int $i): Suspicion => $suspicions[$i], $set));
            $weight = array_product(array_map(static fn(int $i): float => $odds[$i], $set));
            foreach ($failing as $test) {
                $weight *= $explanation->fails($test);
            }
            foreach ($looks as $look) {
                $weight *= $explanation->shows($look);
            }
            $all[] = $explanation;
            $weights[] = $weight;
        }

        return new self(
            $suspicions,
            $failing,
            $all,
            Shares::of($weights),
            self::beyond($odds, $most),
        );
    }

    /** Probability that a fault is there, in whatever way. */
    public function share(Suspicion $suspicion): float
    {
        $sum = 0.0;
        foreach ($this->shares->of as $i => $share) {
            $there = array_filter($this->all[$i]->there, $suspicion->isAs(...));
            $sum += $there === [] ? 0.0 : $share;
        }

        return $sum;
    }

    /** Probability that none of them is behind a failing test: something on no list is. */
    public function elsewhere(TestSeen $test): float
    {
        $sum = 0.0;
        foreach ($this->shares->of as $i => $share) {
            $reaching = array_filter($this->all[$i]->there, static fn(Suspicion $s): bool => $test->failsBy($s) > 0.0);
            $sum += $reaching === [] ? $share : 0.0;
        }

        return $sum;
    }

    /**
     * Its result hangs on nothing but whether one of the faults that it shows is there.
     *
     * @return array{float, float} bits that a look is expected to tell, and how likely it finds something
     */
    public function expects(Look $look, string $subject): array
    {
        $there = 0.0;
        foreach ($this->shares->of as $i => $share) {
            $there += $this->all[$i]->isSeenBy($look, $subject) ? $share : 0.0;
        }
        [$bits, $results] = Shares::of(['there' => $there, 'not' => 1.0 - $there])->expects(
            ['found', 'not-found'],
            static fn(string $r, int|string $is): float => $look->likelihood($r === 'found', $is === 'there'),
        );

        return [$bits, $results['found']];
    }

    /**
     * Of a very long list those that would explain most by themselves.
     *
     * @param list<Suspicion> $suspicions
     * @param list<TestSeen>  $failing
     * @param list<TestSeen>  $passing
     *
     * @return list<Suspicion>
     */
    private static function telling(array $suspicions, array $failing, array $passing): array
    {
        if (\count($suspicions) <= self::AT_MOST) {
            return $suspicions;
        }
        $alone = static function (Suspicion $s) use ($failing, $passing): float {
            $weight = log(self::odds($s, $passing));
            foreach ($failing as $test) {
                $weight += log(max($test->failsBy($s), $test->failsElsewhere()));
            }

            return $weight;
        };
        $weights = array_map($alone, $suspicions);
        arsort($weights);
        $kept = \array_slice(array_keys($weights), 0, self::AT_MOST);

        return array_map(static fn(int $i): Suspicion => $suspicions[$i], $kept);
    }

    private static function most(int $count): int
    {
        return match (true) {
            $count <= self::ALL_OF => $count,
            $count <= self::LONG => 4,
            default => 3,
        };
    }

    /**
     * Prior odds, and what every passed test says against it.
     *
     * @param list<TestSeen> $passing
     */
    private static function odds(Suspicion $suspicion, array $passing): float
    {
        $odds = $suspicion->prior / (1.0 - $suspicion->prior);
        foreach ($passing as $test) {
            $odds *= 1.0 - $test->failsBy($suspicion);
        }

        return $odds;
    }

    /** @return list<list<int>> every set of the first n numbers with at most so many members, the empty one first */
    private static function sets(int $n, int $most): array
    {
        $sets = [[]];
        for ($i = 0; $i < $n; ++$i) {
            foreach ($sets as $set) {
                if (\count($set) < $most) {
                    $sets[] = [...$set, $i];
                }
            }
        }

        return $sets;
    }

    /**
     * Probability that more of them are there than were put together, the failing tests left out.
     *
     * @param list<float> $odds
     */
    private static function beyond(array $odds, int $most): float
    {
        if ($most === \count($odds)) {
            return 0.0;
        }
        $by = [1.0];
        foreach ($odds as $o) {
            $p = $o / (1.0 + $o);
            $next = [];
            for ($k = 0; $k <= \count($by); ++$k) {
                $next[$k] = ($by[$k] ?? 0.0) * (1.0 - $p) + ($by[$k - 1] ?? 0.0) * $p;
            }
            $by = $next;
        }

        return max(0.0, 1.0 - array_sum(\array_slice($by, 0, $most + 1)));
    }
}
