<?php

declare(strict_types=1);

namespace Facelift\Capture;

/** What is said at the bench of a phone that nobody has drawn. */
enum CaptureKind: string
{
    /** Screws that are not in the file. */
    case MoreScrews = 'more-screws';
    /** A plug that is not in the file. */
    case MorePlug = 'more-plug';
    /** A cover or bracket that lies over something. */
    case MoreCover = 'more-cover';
    /** An antenna lead that lies over something. */
    case MoreLead = 'more-lead';
    /** Adhesive that holds something down: a part, a cable or a flex. */
    case MoreBond = 'more-bond';
    /** A part that is not in the file. */
    case MorePart = 'more-part';
    /** How many screws of a group there are, and how long. */
    case ScrewsCounted = 'screws-counted';
    /** A known element is as was said now: another adhesive, a clip, a place, a name. */
    case LikeThis = 'like-this';
    /** What lies under a part, and nothing else does. */
    case LiesOver = 'lies-over';
    /** Which of the plugs is the battery's. */
    case BatteryPlug = 'battery-plug';
    /** Something that the file assumes is not there. */
    case NotThere = 'not-there';

    /** True if it makes a new element. */
    public function isNew(): bool
    {
        return match ($this) {
            self::MoreScrews, self::MorePlug, self::MoreCover, self::MoreLead, self::MoreBond, self::MorePart => true,
            self::ScrewsCounted, self::LikeThis, self::LiesOver, self::BatteryPlug, self::NotThere => false,
        };
    }

    public function isOfScrews(): bool
    {
        return $this === self::MoreScrews || $this === self::ScrewsCounted;
    }
}
