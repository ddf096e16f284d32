<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

/** What a repair can leave wrong, so that a function fails. */
enum FaultKind: string
{
    /** A connector that the route opened is not seated. */
    case PlugOff = 'plug-off';
    /** A flex that was warmed, peeled or bent is hurt. */
    case FlexHurt = 'flex-hurt';
    /** The new part itself. */
    case PartFaulty = 'part-faulty';
    /** Film, glass dust or glue over a window of the glass. */
    case WindowCovered = 'window-covered';
    /** Adhesive beside an opening for sound. */
    case OpeningNarrowed = 'opening-narrowed';
    case MeshClogged = 'mesh-clogged';
    /** A part that was moved does not lie in its seat. */
    case NotInSeat = 'not-in-seat';
    /** A screw too long for its hole, over a trace of the board. */
    case ScrewTooLong = 'screw-too-long';
    /** Something lies under the glass and presses on it. */
    case Pressed = 'pressed';
    /** A part that has to be the phone's own is not. */
    case NotItsOwn = 'not-its-own';
    /** The display's data is not on the new one. */
    case DataMissing = 'data-missing';
    /** Springs that meet only when a cover lies home. */
    case SpringsOff = 'springs-off';
    case TrayOff = 'tray-off';
    /** It was so before anything was opened. */
    case Before = 'before';

    /** @return Look|null null if no look at the bench can tell */
    public function look(): ?Look
    {
        return match ($this) {
            self::PlugOff => Look::Reseat,
            self::FlexHurt => Look::LookAtFlex,
            self::PartFaulty => Look::OtherPart,
            self::WindowCovered, self::OpeningNarrowed => Look::LightAcross,
            self::MeshClogged => Look::BrushMesh,
            self::NotInSeat, self::SpringsOff => Look::SeatAgain,
            self::ScrewTooLong => Look::CompareScrews,
            self::Pressed => Look::LookUnder,
            self::NotItsOwn => Look::CompareMark,
            self::DataMissing => Look::ReadMemory,
            self::TrayOff => Look::TrayAgain,
            self::Before => null,
        };
    }

    /** Share that comes about while the phone is shut: worked loose, pinched (common practice, no source). */
    public function later(): float
    {
        return match ($this) {
            self::PlugOff, self::FlexHurt, self::NotInSeat, self::SpringsOff, self::MeshClogged => 0.25,
            self::PartFaulty => 0.08,
            default => 0.0,
        };
    }

    /** True if it comes with the new part and not with the work. */
    public function isOfThePart(): bool
    {
        return $this === self::PartFaulty;
    }
}
