<?php

declare(strict_types=1);

namespace Facelift\Condition;

/** A check that tells faults with the same look apart, in the order of effort: what costs least first. */
enum Check: string
{
    case LookAtAngle = 'look-at-angle';
    case Torch = 'torch';
    case Ring = 'ring';
    case WipeDry = 'wipe-dry';
    case PointerTrace = 'pointer-trace';
    case Charge = 'charge';
    case Reseat = 'reseat-connector';
    case KnownGoodPanel = 'known-good-panel';

    /** @return non-empty-list<string> codes of what it can show, each of the others excluded by it */
    public function results(): array
    {
        return match ($this) {
            self::LookAtAngle => ['blotches', 'even'],
            self::Torch => ['faint-picture', 'nothing'],
            self::Ring => ['rings', 'silent'],
            self::PointerTrace => ['no-line', 'gaps', 'complete'],
            self::Charge => ['picture', 'signs-only', 'nothing'],
            self::WipeDry, self::Reseat, self::KnownGoodPanel => ['works', 'no-change'],
        };
    }

    public function moment(): Moment
    {
        return match ($this) {
            self::Reseat, self::KnownGoodPanel => Moment::Opened,
            default => Moment::Counter,
        };
    }
}
