<?php

declare(strict_types=1);

namespace Facelift\Schedule\JobShop;

use Facelift\Document\Fault;
use Facelift\Document\Unreadable;

/** Jobs that go over machines in an order of their own, each machine one at a time: the core of every bench day. */
final readonly class Shop
{
    /** Jobs and machines at most. */
    private const MOST = 100;

    /**
     * @param list<list<array{int, int}>> $jobs machine and time of each operation, in order
     */
    public function __construct(public array $jobs) {}

    /**
     * The usual text: a line with how many jobs and machines, then of every job machine and time in pairs. Lines that
     * begin with # are remarks.
     *
     * @throws Unreadable If it is none, with the line that is wrong.
     */
    public static function read(string $text): self
    {
        $lines = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $i => $line) {
            if (trim($line) !== '' && !str_starts_with(ltrim($line), '#')) {
                $lines[$i + 1] = array_map(intval(...), self::numbers($line, $i + 1));
            }
        }
        $head = array_key_first($lines) ?? 1;
        [$jobs, $machines] = [...$lines[$head] ?? [], 0, 0];
        unset($lines[$head]);
        if ($jobs < 1 || $machines < 1 || $jobs > self::MOST || $machines > self::MOST || \count($lines) !== $jobs) {
            throw self::fault($head, \sprintf(
                'must say how many jobs and machines, as many lines of jobs follow: %d lines are there',
                \count($lines),
            ));
        }
        $all = [];
        foreach ($lines as $at => $line) {
            $job = array_map(static fn(array $p): array => [$p[0], $p[1] ?? -1], array_chunk($line, 2));
            $wrong = array_filter($job, static fn(array $o): bool => $o[0] < 0 || $o[0] >= $machines || $o[1] < 0);
            if ($wrong !== []) {
                throw self::fault($at, 'must be pairs of a machine from 0 to ' . ($machines - 1) . ' and a time');
            }
            $all[] = $job;
        }

        return new self($all);
    }

    /** @return list<string> */
    private static function numbers(string $line, int $at): array
    {
        $split = preg_split('/\s+/', trim($line));
        $words = $split === false ? [] : $split;
        foreach ($words as $word) {
            if (preg_match('/^\d{1,7}$/D', $word) !== 1) {
                throw self::fault($at, 'must be whole numbers, "' . mb_strimwidth($word, 0, 20, '…') . '" is none');
            }
        }

        return $words;
    }

    private static function fault(int $line, string $reason): Unreadable
    {
        return Unreadable::because('job shop', [new Fault("line $line", $reason)]);
    }
}
