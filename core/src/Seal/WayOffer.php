<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Document\Reason;

/** One way of making a bond again, worked out for this phone, part and condition. */
final readonly class WayOffer
{
    /**
     * @param Reason|null     $refused   why it cannot be done; null if it can
     * @param bool            $supplied  its adhesive lies on the part or in its kit
     * @param float|null      $thickness mm of tape or seal as laid; null if none is
     * @param Heights|null    $heights   null for a bond whose recess is not known
     * @param TapeLayout|null $tape      where tape from the rolls lies
     * @param Hold|null       $hold      null if it cannot be done
     * @param float           $hands     s of work
     * @param list<Reason>    $because
     */
    public function __construct(
        public Way $way,
        public ?Reason $refused,
        public bool $supplied,
        public ?float $thickness,
        public ?Heights $heights,
        public ?TapeLayout $tape,
        public ?Bead $bead,
        public ?Hold $hold,
        public float $hands,
        public array $because,
    ) {}

    /** It cannot be done. */
    public static function not(Way $way, Reason $why, bool $supplied = false): self
    {
        return new self(
            $way,
            $why,
            $supplied,
            null,
            null,
            null,
            null,
            null,
            0.0,
            [],
        );
    }

    /** True if it lasts, as far as the heights say. */
    public function lasts(): bool
    {
        return $this->refused === null && !($this->heights?->sits()->lifts() ?? false);
    }

    /** mm² that it holds; null for a seal whose shape is not known */
    public function holds(): ?float
    {
        return match (true) {
            $this->way->takesSeal(), $this->tape === null && $this->bead === null => null,
            default => ($this->tape?->holds() ?? 0.0) + ($this->bead?->holds() ?? 0.0),
        };
    }
}
