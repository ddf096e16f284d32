<?php

declare(strict_types=1);

namespace Facelift\Calendar;

/** A calendar as RFC 5545 writes it, in the shop's own zone with its rules. */
final readonly class ICalendar
{
    private const PRODUCT = '-//Facelift//Bench day//EN';
    /** Octets of a line without its end (RFC 5545, 3.1). */
    private const LINE = 75;

    public function __construct(private \DateTimeZone $zone, private string $name) {}

    /**
     * @param list<Event> $events
     * @param int         $now ms since 1970: when it was written
     *
     * @return string with CRLF at the end of every line
     */
    public function write(array $events, int $now): string
    {
        $lines = [
            'BEGIN:VCALENDAR',
            'VERSION:2.0',
            'PRODID:' . self::PRODUCT,
            'CALSCALE:GREGORIAN',
            'METHOD:PUBLISH',
            'X-WR-CALNAME:' . self::text($this->name),
        ];
        $times = array_merge([$now], ...array_map(static fn(Event $e): array => [$e->from, $e->to], $events));
        array_push($lines, ...(new ZoneRules($this->zone))->lines(min($times), max($times)));
        foreach ($events as $event) {
            array_push(
                $lines,
                'BEGIN:VEVENT',
                'UID:' . self::text($event->id),
                'DTSTAMP:' . gmdate('Ymd\THis\Z', intdiv($now, 1000)),
                $this->time('DTSTART', $event->from),
                ...($event->to > $event->from ? [$this->time('DTEND', $event->to)] : []),
                ...['SUMMARY:' . self::text($event->summary)],
                ...($event->description === '' ? [] : ['DESCRIPTION:' . self::text($event->description)]),
                ...($event->url === null ? [] : ['URL:' . $event->url]),
                ...['END:VEVENT'],
            );
        }
        $lines[] = 'END:VCALENDAR';

        return implode('', array_map(self::folded(...), $lines));
    }

    private function time(string $name, int $ms): string
    {
        $at = (new \DateTimeImmutable('@' . intdiv($ms, 1000)))->setTimezone($this->zone);

        return $this->zone->getName() === 'UTC'
            ? "$name:" . $at->format('Ymd\THis\Z')
            : "$name;TZID=" . $this->zone->getName() . ':' . $at->format('Ymd\THis');
    }

    /** Text with what means something in a calendar written out (RFC 5545, 3.3.11). */
    private static function text(string $text): string
    {
        return strtr(
            str_replace(["\r\n", "\r"], "\n", $text),
            ['\\' => '\\\\', ';' => '\\;', ',' => '\\,', "\n" => '\\n'],
        );
    }

    /** A long line goes on behind a blank; no character is cut in two. */
    private static function folded(string $line): string
    {
        $parts = [];
        $room = self::LINE;
        while (\strlen($line) > $room) {
            $part = mb_strcut($line, 0, $room, 'UTF-8');
            $parts[] = $part;
            $line = substr($line, \strlen($part));
            $room = self::LINE - 1;
        }

        return implode("\r\n ", [...$parts, $line]) . "\r\n";
    }
}
