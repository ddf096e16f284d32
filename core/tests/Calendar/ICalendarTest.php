<?php

declare(strict_types=1);

namespace Facelift\Tests\Calendar;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Calendar\Event;
use Facelift\Calendar\ICalendar;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** RFC 5545, read back by a reader that is not ours (python3-icalendar). */
final class ICalendarTest extends TestCase
{
    use TestTrait;

    /** Before and after the clocks are put forward on the last Sunday of March, and back on that of October. */
    #[TestWith(['Europe/Berlin', '2027-03-27 10:00', '2027-03-27T10:00:00+01:00'])]
    #[TestWith(['Europe/Berlin', '2027-03-29 10:00', '2027-03-29T10:00:00+02:00'])]
    #[TestWith(['Europe/Berlin', '2026-10-26 10:00', '2026-10-26T10:00:00+01:00'])]
    #[TestWith(['America/New_York', '2026-11-02 09:30', '2026-11-02T09:30:00-05:00'])]
    #[TestWith(['Asia/Kathmandu', '2026-11-02 09:30', '2026-11-02T09:30:00+05:45'])]
    #[TestWith(['UTC', '2026-11-02 09:30', '2026-11-02T09:30:00+00:00'])]
    public function testMomentsAreTheSameInEveryZone(string $zone, string $at, string $read): void
    {
        $zone = new \DateTimeZone($zone);
        $from = 1000 * (new \DateTimeImmutable($at, $zone))->getTimestamp();
        $text = (new ICalendar($zone, 'Bench'))->write([new Event('a', $from, $from + 1_800_000, 'T-0001')], $from);
        $events = self::read($text);
        self::assertSame($read, $events[0]['from']);
        self::assertSame(1800, $events[0]['seconds']);
    }

    public function testTextsComeBackAsTheyWereAndNoLineIsTooLong(): void
    {
        $letters = ['a', 'ß', '€', ';', ',', "\n", '"', '😀', ' ', ':'];
        $this->limitTo(20)->forAll(Generators::seq(Generators::elements($letters)))->then(
            static function (array $parts): void {
                $text = 'x' . implode('', array_filter($parts, \is_string(...))) . str_repeat('ü;', 60);
                $calendar = (new ICalendar(new \DateTimeZone('Europe/Berlin'), 'Bench'))->write(
                    [new Event(
                        'id',
                        1_795_683_600_000,
                        1_795_683_600_000,
                        $text,
                        "$text\r\n$text",
                    )],
                    1_795_683_600_000,
                );
                foreach (explode("\r\n", $calendar) as $line) {
                    self::assertLessThanOrEqual(75, \strlen($line));
                    self::assertTrue(mb_check_encoding($line, 'UTF-8'));
                }
                $events = self::read($calendar);
                self::assertSame($text, $events[0]['summary']);
                self::assertSame("$text\n$text", $events[0]['description']);
            },
        );
    }

    /** The reader above takes a backslash before another sign wrongly; by RFC 5545, 3.3.11. */
    public function testABackslashIsWrittenTwice(): void
    {
        $text = (new ICalendar(new \DateTimeZone('UTC'), 'Bench'))->write([new Event('a', 0, 0, 'a\\;b')], 0);
        self::assertStringContainsString("SUMMARY:a\\\\\\;b\r\n", $text);
    }

    /** @return list<array{from: string, seconds: int, summary: string, description: string}> */
    public static function read(string $calendar): array
    {
        $script = <<<'PYTHON'
            import sys, json
            from icalendar import Calendar
            cal = Calendar.from_ical(sys.stdin.buffer.read())
            zones = {str(z['TZID']): z.to_tz() for z in cal.walk('VTIMEZONE')}
            out = []
            for e in cal.walk('VEVENT'):
                start, end = e['DTSTART'], e.get('DTEND')
                zone = zones.get(start.params.get('TZID'))
                at = lambda d: zone.localize(d.dt.replace(tzinfo=None)) if zone else d.dt
                out.append({'from': at(start).isoformat(),
                    'seconds': int((at(end) - at(start)).total_seconds()) if end else 0,
                    'summary': str(e['SUMMARY']), 'description': str(e.get('DESCRIPTION', ''))})
            print(json.dumps(out))
            PYTHON;
        $process = proc_open(
            ['/usr/bin/python3', '-c', $script],
            [0 => ['pipe', 'r'], 1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        fwrite($pipes[0], $calendar);
        fclose($pipes[0]);
        $said = stream_get_contents($pipes[1]);
        $wrong = stream_get_contents($pipes[2]);
        self::assertSame(0, proc_close($process), (string) $wrong);

        /** @var list<array{from: string, seconds: int, summary: string, description: string}> */
        return json_decode((string) $said, true, 16, \JSON_THROW_ON_ERROR);
    }
}
