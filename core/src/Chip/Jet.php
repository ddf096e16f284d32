<?php

declare(strict_types=1);

namespace Facelift\Chip;

/** Hot air on a spot. */
final readonly class Jet
{
    /** °C with which a chip in lead-free solder is lifted: 290–300 (common practice). */
    public const LIFTS = 295.0;
    /** °C that low-temperature paste is set with (common practice, no source). */
    public const SETS = 230.0;
    /**
     * W/(m²·K) under a nozzle of 5 mm with 30 m/s of hot air: Re about 3,500 and Nu about 55, of the order that Martin
     * 1977 gives for one round jet; it reproduces practice, a chip lifted in half a minute (engineering estimate, from
     * memory; stations differ by half).
     */
    public const FILM = 500.0;

    /**
     * @param float $set    °C of the air
     * @param float $radius mm of what it meets
     * @param float $film   W/(m²·K)
     */
    public function __construct(public float $set, public float $radius = 5.0, public float $film = self::FILM) {}
}
