<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Proof\Fault\Internal\Explanations;

/**
 * Ranks what can be behind failing functions, from all tests and looks together.
 *
 * Suspicions are independent of each other before the tests; each that is there makes a function fail with its own
 * chance, and so does, seldom, something on no list (noisy or; Pearl, Probabilistic Reasoning in Intelligent Systems,
 * 1988, from memory). Failing tests that share no suspicion are reckoned apart.
 */
final readonly class Locator
{
    /** Less than this is not worth a look, bits. */
    private const LEAST = 0.02;

    /**
     * @param list<Suspicion>           $suspicions
     * @param list<TestSeen>            $tests
     * @param list<LookSeen>            $looks      the last of each
     * @param callable(Suspicion): float $way       s to the place of a suspicion and back, without the look
     */
    public function locate(array $suspicions, array $tests, array $looks, callable $way): Located
    {
        $failing = array_values(array_filter($tests, static fn(TestSeen $t): bool => !$t->passes));
        $passing = array_values(array_filter($tests, static fn(TestSeen $t): bool => $t->passes));
        $ranked = $elsewhere = [];
        $next = null;
        $leftOut = 0.0;
        foreach (self::apart($suspicions, $failing) as [$own, $together]) {
            $explained = Explanations::of($own, $together, $passing, self::about($looks, $own));
            array_push($ranked, ...self::ranked($explained));
            foreach ($together as $test) {
                $elsewhere[$test->function->value] = $explained->elsewhere($test);
            }
            $next = self::better($next, self::next($explained, $looks, $way));
            $leftOut = max($leftOut, $explained->leftOut);
        }
        usort($ranked, static fn(Ranked $a, Ranked $b): int => $b->share <=> $a->share);

        return new Located($ranked, $elsewhere, $next, $leftOut);
    }

    /**
     * Failing tests by what can be behind them.
     *
     * @param list<Suspicion> $suspicions
     * @param list<TestSeen>  $failing
     *
     * @return list<array{list<Suspicion>, list<TestSeen>}>
     */
    private static function apart(array $suspicions, array $failing): array
    {
        $groups = [];
        foreach ($failing as $test) {
            $own = self::withNeighbours($suspicions, $test);
            $with = [$test];
            foreach ($groups as $i => [$others, $tests]) {
                if (array_intersect_key($others, $own) !== []) {
                    $own += $others;
                    $with = [...$tests, ...$with];
                    unset($groups[$i]);
                }
            }
            $groups[] = [$own, $with];
        }

        return array_values(array_map(static fn(array $g): array => [array_values($g[0]), $g[1]], $groups));
    }

    /**
     * What can be behind a failing test, and what the same looks would show.
     *
     * @param list<Suspicion> $suspicions
     *
     * @return array<int, Suspicion> by their places in the list
     */
    private static function withNeighbours(array $suspicions, TestSeen $test): array
    {
        $own = array_filter($suspicions, static fn(Suspicion $s): bool => $test->failsBy($s) > 0.0);
        $seenWith = static fn(Suspicion $other): bool => array_filter($own, $other->isSeenWith(...)) !== [];

        return $own + array_filter($suspicions, $seenWith);
    }

    /**
     * @param list<LookSeen>  $looks
     * @param list<Suspicion> $suspicions
     *
     * @return list<LookSeen>
     */
    private static function about(array $looks, array $suspicions): array
    {
        $isAbout = static fn(LookSeen $l): bool => array_filter(
            $suspicions,
            static fn(Suspicion $s): bool => $s->isAbout($l->look, $l->subject),
        ) !== [];

        return array_values(array_filter($looks, $isAbout));
    }

    /** @return list<Ranked> */
    private static function ranked(Explanations $explained): array
    {
        $ranked = $seen = [];
        foreach ($explained->suspicions as $suspicion) {
            if (array_filter($seen, $suspicion->isAs(...)) !== []) {
                continue;
            }
            $seen[] = $suspicion;
            $same = array_filter($explained->suspicions, $suspicion->isAs(...));
            $explains = array_filter(
                $explained->failing,
                static fn(TestSeen $t): bool => array_filter(
                    $same,
                    static fn(Suspicion $s): bool => $t->failsBy($s) > 0.0,
                ) !== [],
            );
            $functions = array_values(array_map(static fn(TestSeen $t): PhoneFunction => $t->function, $explains));
            if ($functions !== []) {
                $ranked[] = new Ranked($suspicion, $explained->share($suspicion), $functions);
            }
        }

        return $ranked;
    }

    /**
     * @param list<LookSeen>             $looks
     * @param callable(Suspicion): float $way
     */
    private static function next(Explanations $explained, array $looks, callable $way): ?NextLook
    {
        $best = null;
        foreach ($explained->suspicions as $suspicion) {
            $look = $suspicion->kind->look();
            $made = array_filter($looks, static fn(LookSeen $l): bool => $suspicion->isAbout($l->look, $l->subject));
            if ($look === null || $made !== []) {
                continue;
            }
            [$bits, $found] = $explained->expects($look, $suspicion->subject);
            $seconds = $look->seconds() + $way($suspicion);
            $best = $bits < self::LEAST ? $best : self::better(
                $best,
                new NextLook(
                    $look,
                    $suspicion->subject,
                    $suspicion->name,
                    $bits,
                    $found,
                    $seconds,
                ),
            );
        }

        return $best;
    }

    private static function better(?NextLook $a, ?NextLook $b): ?NextLook
    {
        return $a === null || ($b !== null && $b->bitsPerMinute() > $a->bitsPerMinute() + 1e-12) ? $b : $a;
    }
}
