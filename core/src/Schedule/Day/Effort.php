<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/** How long a day is looked for; counted in work, not in time, so that the same day gets the same answer. */
final readonly class Effort
{
    /**
     * @param int $blocks laid out in all
     * @param int $exact  blocks up to which every day is tried
     * @param int $nodes  looked into at most while trying
     */
    private function __construct(public int $blocks, public int $exact, public int $nodes) {}

    /** As it was planned before, laid out from now on: nothing is looked for. */
    public static function none(): self
    {
        return new self(0, 0, 0);
    }

    /** Within a hundredth of a second or two: while somebody waits for a page. */
    public static function quick(): self
    {
        return new self(1_500, 0, 0);
    }

    /** About a second. */
    public static function thorough(): self
    {
        return new self(60_000, 14, 20_000);
    }
}
