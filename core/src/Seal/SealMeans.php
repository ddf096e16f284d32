<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** What a shop seals with. */
final readonly class SealMeans
{
    /** A heated workshop, °C (common practice, no source). */
    public const ROOM = 22.0;

    public Rolls $rolls;

    /**
     * @param Rolls|null $rolls that the shop has; null for the usual ones
     * @param float      $room  °C
     */
    public function __construct(
        ?Rolls $rolls = null,
        public CornerCut $corner = CornerCut::Notched,
        public float $room = self::ROOM,
    ) {
        $this->rolls = $rolls ?? Rolls::usual();
    }

    /** The same in another room. */
    public function at(float $room): self
    {
        return new self($this->rolls, $this->corner, $room);
    }
}
