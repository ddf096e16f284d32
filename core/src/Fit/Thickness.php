<?php

declare(strict_types=1);

namespace Facelift\Fit;

/** A thickness with what it may be off by, and where it is known from. */
final readonly class Thickness
{
    /** What a caliper at the bench may be off by, mm (common practice, no source). */
    public const READ_WITHIN = 0.02;

    /**
     * @param float $mm        zero or more
     * @param float $tolerance ± mm
     */
    public function __construct(public float $mm, public float $tolerance, public FigureFrom $from) {}

    /** Read at the bench. */
    public static function read(float $mm): self
    {
        return new self($mm, self::READ_WITHIN, FigureFrom::Reading);
    }

    /** There is none of it, and that is certain. */
    public static function none(): self
    {
        return new self(0.0, 0.0, FigureFrom::Practice);
    }
}
