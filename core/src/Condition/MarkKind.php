<?php

declare(strict_types=1);

namespace Facelift\Condition;

use Facelift\Anatomy\Face;

/** What a mark drawn at check-in stands for. */
enum MarkKind: string
{
    case Crack = 'crack';
    case DeadZone = 'dead-zone';
    case Line = 'line';
    case Spot = 'spot';
    case FrameBend = 'frame-bend';
    case MissingScrew = 'missing-screw';

    /** Fewest points that make one: a stroke or a zone has two corners at least, a place is one point. */
    public function fewestPoints(): int
    {
        return match ($this) {
            self::Crack, self::DeadZone, self::Line => 2,
            self::Spot, self::FrameBend, self::MissingScrew => 1,
        };
    }

    /** The observation that a mark of this kind on this face amounts to; null if there is none. */
    public function amountsTo(Face $face): ?Observation
    {
        return match ($this) {
            self::Crack => $face === Face::Front ? Observation::CrackedGlass : Observation::BackCracked,
            self::DeadZone => Observation::DeadZones,
            self::Line => Observation::Lines,
            self::Spot => Observation::Spots,
            self::FrameBend => Observation::FrameBent,
            self::MissingScrew => null,
        };
    }
}
