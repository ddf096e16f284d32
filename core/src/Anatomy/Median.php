<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** Of several that were measured the one in the middle: what took long once does not count more. */
final readonly class Median
{
    /**
     * @param float $seconds zero or more
     * @param int   $times   how many were measured, one or more
     */
    public function __construct(public float $seconds, public int $times) {}

    /** @param non-empty-list<float> $all */
    public static function of(array $all): self
    {
        sort($all);
        $half = intdiv(\count($all), 2);
        $middle = \count($all) % 2 === 1 ? $all[$half] : ($all[$half - 1] + $all[$half]) / 2;

        return new self(round($middle, 1), \count($all));
    }
}
