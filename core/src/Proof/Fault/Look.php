<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

/**
 * What a technician does to see whether it is that. How well each tells, and how long it takes once the place lies
 * open: common practice, no source.
 */
enum Look: string
{
    case Reseat = 'reseat';
    case LookAtFlex = 'look-at-flex';
    case OtherPart = 'other-part';
    case LightAcross = 'light-across';
    case BrushMesh = 'brush-mesh';
    case SeatAgain = 'seat-again';
    case CompareScrews = 'compare-screws';
    case LookUnder = 'look-under';
    case CompareMark = 'compare-mark';
    case ReadMemory = 'read-memory';
    case TrayAgain = 'tray-again';

    /** Chance that it shows the fault if it is there. */
    public function finds(): float
    {
        return match ($this) {
            self::LookAtFlex, self::LookUnder => 0.75,
            self::BrushMesh, self::LightAcross, self::SeatAgain => 0.85,
            self::OtherPart => 0.9,
            self::Reseat => 0.95,
            self::CompareScrews, self::CompareMark, self::ReadMemory, self::TrayAgain => 0.97,
        };
    }

    /** Chance that it seems to show it although it is not there. */
    public function misleads(): float
    {
        return match ($this) {
            self::OtherPart, self::LookAtFlex, self::LookUnder => 0.03,
            self::LightAcross, self::BrushMesh, self::SeatAgain => 0.05,
            self::Reseat, self::CompareScrews, self::CompareMark, self::ReadMemory, self::TrayAgain => 0.01,
        };
    }

    /** s of hands once one is there */
    public function seconds(): float
    {
        return match ($this) {
            self::LightAcross, self::TrayAgain => 20.0,
            self::Reseat, self::LookUnder => 30.0,
            self::BrushMesh, self::SeatAgain, self::CompareMark => 60.0,
            self::LookAtFlex, self::CompareScrews, self::ReadMemory => 90.0,
            self::OtherPart => 180.0,
        };
    }

    /** True if the phone has to be open at the place. */
    public function goesInside(): bool
    {
        return match ($this) {
            self::LightAcross, self::BrushMesh, self::ReadMemory, self::TrayAgain => false,
            default => true,
        };
    }

    /**
     * @param bool $there is the fault there
     *
     * @return float likelihood of the result
     */
    public function likelihood(bool $found, bool $there): float
    {
        $yes = $there ? $this->finds() : $this->misleads();

        return $found ? $yes : 1.0 - $yes;
    }
}
