<?php

declare(strict_types=1);

namespace Facelift\Calendar;

/** When clocks are put forward and back in a zone, as RFC 5545 (3.6.5) writes it: change by change, not as a rule. */
final readonly class ZoneRules
{
    /** s before and after what is asked, so that a reader finds a change before the first entry */
    private const AROUND = 400 * 86_400;

    public function __construct(private \DateTimeZone $zone) {}

    /**
     * @param int $from ms since 1970
     * @param int $to   ms since 1970
     *
     * @return list<string> none for UTC
     */
    public function lines(int $from, int $to): array
    {
        if ($this->zone->getName() === 'UTC') {
            return [];
        }
        $changes = $this->zone->getTransitions(intdiv($from, 1000) - self::AROUND, intdiv($to, 1000) + self::AROUND);
        $lines = ['BEGIN:VTIMEZONE', 'TZID:' . $this->zone->getName()];
        $before = null;
        foreach ($changes as $change) {
            // The first is no change but how it stands then.
            $offset = $change['offset'];
            $kind = $change['isdst'] ? 'DAYLIGHT' : 'STANDARD';
            array_push(
                $lines,
                "BEGIN:$kind",
                'DTSTART:' . gmdate('Ymd\THis', $change['ts'] + ($before ?? $offset)),
                'TZOFFSETFROM:' . self::offset($before ?? $offset),
                'TZOFFSETTO:' . self::offset($offset),
                'TZNAME:' . $change['abbr'],
                "END:$kind",
            );
            $before = $offset;
        }
        $lines[] = 'END:VTIMEZONE';

        return $lines;
    }

    private static function offset(int $seconds): string
    {
        $minutes = intdiv(abs($seconds), 60);

        return sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv($minutes, 60), $minutes % 60);
    }
}
