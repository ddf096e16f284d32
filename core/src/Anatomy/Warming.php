<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** The stacks that a bond is heated through, by their names in the phone file. */
final readonly class Warming
{
    /**
     * @param string $edge   from the heated face inwards, through the bond
     * @param string $centre through the battery, for the same heating
     */
    public function __construct(public string $edge, public string $centre) {}
}
