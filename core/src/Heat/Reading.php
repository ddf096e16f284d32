<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** A temperature read at the bench. */
final readonly class Reading
{
    /** Standard error of a thermometer held to a phone, K (engineering estimate, from memory). */
    public const ERROR = 1.5;

    /** Tenths of a degree that a thermometer at a bench can show. */
    public const LOWEST = -200;
    public const HIGHEST = 2500;

    /**
     * @param float        $second  since the phone was at room temperature
     * @param float        $celsius read, or at which a sticker turns
     * @param Sticker|null $sticker what a sticker shows; null for a thermometer
     */
    public function __construct(
        public Probe $probe,
        public float $second,
        public float $celsius,
        public ?Sticker $sticker = null,
    ) {}

    /** True if this can be a reading at all, in tenths of a degree. */
    public static function canBe(int $tenths): bool
    {
        return $tenths >= self::LOWEST && $tenths <= self::HIGHEST;
    }
}
