<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\Renewal;
use Facelift\Anatomy\SuppliedAdhesive;

/** How a bond at a ledge can be made again; new glass on a panel is `GlassLaying`. */
enum Way: string
{
    /** Adhesive that lies on the new part already. */
    case Fitted = 'fitted';
    case PrecutSeal = 'precut-seal';
    case Tape = 'tape';
    case Bead = 'bead';
    case TapeAndBead = 'tape-and-bead';
    case SealAndTape = 'seal-and-tape';

    /** True if it sets by itself after it is pressed. */
    public function isLiquid(): bool
    {
        return match ($this) {
            self::Bead, self::TapeAndBead => true,
            default => false,
        };
    }

    /** True if a liner lies on it until the screen is set in. */
    public function hasLiner(): bool
    {
        return $this !== self::Bead;
    }

    /** True if tape from the rolls is cut for it. */
    public function takesTape(): bool
    {
        return match ($this) {
            self::Tape, self::TapeAndBead, self::SealAndTape => true,
            default => false,
        };
    }

    /** True if a boxed seal is used up by it. */
    public function takesSeal(): bool
    {
        return $this === self::PrecutSeal || $this === self::SealAndTape;
    }

    /** What comes with a part is used so. */
    public static function with(SuppliedAdhesive $supplied): self
    {
        return match ($supplied) {
            SuppliedAdhesive::Fitted => self::Fitted,
            SuppliedAdhesive::Seal => self::PrecutSeal,
            SuppliedAdhesive::Tape => self::Tape,
            SuppliedAdhesive::Tube => self::Bead,
        };
    }

    /** As the phone was built; null for what is used again. */
    public static function asBuilt(Renewal $renewal): ?self
    {
        return match ($renewal) {
            Renewal::Precut => self::PrecutSeal,
            Renewal::Tape => self::Tape,
            Renewal::Liquid => self::Bead,
            Renewal::Reuse => null,
        };
    }
}
