<?php

declare(strict_types=1);

namespace Facelift\Condition;

/** A sign that somebody has opened the phone before. */
enum RepairSign: string
{
    case ForeignTape = 'foreign-tape';
    case LiquidGlue = 'liquid-glue';
    case MissingScrews = 'missing-screws';
    case MixedScrews = 'mixed-screws';
    case LiftsEasily = 'lifts-easily';
    case SealMissing = 'seal-missing';
    case PartNotice = 'part-notice';

    /** True if the bond can no longer be taken for the maker's own. */
    public function isOfTheBond(): bool
    {
        return \in_array($this, [self::ForeignTape, self::LiquidGlue, self::LiftsEasily, self::SealMissing], true);
    }
}
