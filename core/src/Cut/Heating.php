<?php

declare(strict_types=1);

namespace Facelift\Cut;

/** A time on the source. */
final readonly class Heating extends Move
{
    private function __construct(
        float $seconds,
        AtEnd $end,
        public bool $again,
        public bool $elsewhere = false,
        public bool $preheat = false,
    ) {
        parent::__construct($seconds, $end);
    }

    /** The first of its bond. */
    public static function first(float $seconds, AtEnd $end): self
    {
        return new self($seconds, $end, false);
    }

    /** The whole phone is warmed first, on another source. */
    public static function preheat(float $seconds, AtEnd $end): self
    {
        return new self($seconds, $end, false, preheat: true);
    }

    /** One more: the bond had gripped again. */
    public static function again(float $seconds, AtEnd $end): self
    {
        return new self($seconds, $end, true);
    }

    /** One more, at another stretch of the edge: the source does not heat all round. */
    public static function elsewhere(float $seconds, AtEnd $end): self
    {
        return new self($seconds, $end, true, true);
    }
}
