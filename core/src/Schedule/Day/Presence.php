<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

use Facelift\Schedule\OpenTime;
use Facelift\Schedule\Person;

/** When somebody is there, in s of the shop's open time. */
final readonly class Presence
{
    /**
     * @param list<array{int, int}> $spans   from and to, in order, none touching the next opening
     * @param int                   $longest s
     */
    private function __construct(public array $spans, private int $longest) {}

    public static function of(Person $person, OpenTime $time, int $now): self
    {
        $spans = $time->openings();
        if ($person->hours !== null) {
            $own = array_map(
                static fn(array $s): array => [$time->until($s[0]), $time->until($s[1])],
                $person->hours->spans($now, 60),
            );
            $spans = self::both($spans, $own);
        }
        foreach ($person->away as [$from, $to]) {
            $spans = self::without($spans, $time->until($from), $time->until($to));
        }
        $lengths = array_map(static fn(array $s): int => $s[1] - $s[0], $spans);

        return new self($spans, $lengths === [] ? 0 : max($lengths));
    }

    /**
     * The first moment from which so much can be done in one go; what is longer than any stay is begun as soon as the
     * person is there. Null if that is not looked ahead to.
     */
    public function fits(int $at, int $seconds): ?int
    {
        $seconds = min($seconds, $this->longest);
        foreach ($this->spans as [$from, $to]) {
            if ($to <= $at) {
                continue;
            }
            $begin = max($from, $at);
            // At the very end of one opening nothing begins: it is the beginning of the next.
            if ($begin + $seconds <= $to) {
                return $begin;
            }
        }

        return null;
    }

    /** True if there from the first moment on. */
    public function isThere(): bool
    {
        return ($this->spans[0][0] ?? 1) === 0;
    }

    /** True if so much is longer than any stay. */
    public function isLonger(int $seconds): bool
    {
        return $seconds > $this->longest;
    }

    /**
     * @param list<array{int, int}> $one
     * @param list<array{int, int}> $other
     *
     * @return list<array{int, int}>
     */
    private static function both(array $one, array $other): array
    {
        $both = [];
        foreach ($one as [$a, $b]) {
            foreach ($other as [$c, $d]) {
                if (max($a, $c) < min($b, $d)) {
                    $both[] = [max($a, $c), min($b, $d)];
                }
            }
        }

        return $both;
    }

    /**
     * @param list<array{int, int}> $spans
     *
     * @return list<array{int, int}>
     */
    private static function without(array $spans, int $from, int $to): array
    {
        $left = [];
        foreach ($spans as [$a, $b]) {
            foreach ([[$a, min($b, $from)], [max($a, $to), $b]] as [$c, $d]) {
                if ($c < $d) {
                    $left[] = [$c, $d];
                }
            }
        }

        return $left;
    }
}
