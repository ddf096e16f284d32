<?php

declare(strict_types=1);

namespace Facelift\Record;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Cost\BreakEven;
use Facelift\Document\Reason;

/** What follows for glass only from the break-even rate and the shop's own record. */
final readonly class GlassOnlyAdvice
{
    public static function of(BreakEven $breakEven, Rate $record, PanelTechnology $technology): Reason
    {
        $needed = $breakEven->rate();
        $interval = $record->wilson();
        $figures = [
            'needed' => (int) ceil(100 * $needed),
            'successes' => $record->successes,
            'tries' => $record->tries,
            'low' => (int) round(100 * $interval->low),
            'high' => (int) round(100 * $interval->high),
            'chance' => (int) round(100 * $record->chanceAbove($needed)),
        ];

        return new Reason(match (true) {
            $technology === PanelTechnology::Lcd => 'glass-open-backlight',
            $needed >= 1.0 => 'glass-never-pays',
            $record->tries === 0 => 'glass-no-record',
            $interval->low > $needed => 'glass-pays',
            $interval->high < $needed => 'glass-does-not-pay',
            default => 'glass-undecided',
        }, $figures);
    }
}
