<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** How a source is used: lifted off and cut, or kept on the stretch that is being cut; with what warmed before. */
final readonly class Approach
{
    /**
     * @param bool        $held    true if the source goes on along the stretch that is being cut
     * @param Source|null $preheat what the whole phone is warmed with first; null for nothing
     */
    public function __construct(public bool $held = false, public ?Source $preheat = null) {}

    /** Heat, lift off, cut until it grips, and again. */
    public static function liftAndCut(?Source $preheat = null): self
    {
        return new self(false, $preheat);
    }

    /** The gun in the other hand, or on a stand. */
    public static function held(?Source $preheat = null): self
    {
        return new self(true, $preheat);
    }
}
