<?php

declare(strict_types=1);

namespace Facelift\Schedule\Internal;

use Facelift\Document\Node;
use Facelift\Schedule\Equipment;
use Facelift\Schedule\OpeningHours;
use Facelift\Schedule\OpenSpan;
use Facelift\Schedule\Person;
use Facelift\Schedule\Right;

/**
 * Hours, people and equipment as documents have them.
 *
 * @internal
 */
final readonly class BenchNode
{
    /** @return array<string, int> count by `Equipment` */
    public static function equipment(Node $root): array
    {
        $equipment = [];
        $counts = $root->node('equipment');
        foreach (Equipment::cases() as $kind) {
            $equipment[$kind->value] = $counts->int($kind->value, 0, 20);
        }

        return $equipment;
    }

    public static function zone(Node $root, \DateTimeZone $usual): \DateTimeZone
    {
        $name = $root->optionalString('zone');
        if ($name === null) {
            return $usual;
        }
        if (!\in_array($name, \DateTimeZone::listIdentifiers(), true)) {
            $root->fault('zone', 'must be a zone of the tz database, as Europe/Berlin');

            return $usual;
        }

        return new \DateTimeZone($name);
    }

    /**
     * @param array<int|string, float>       $paces  from the record, by id of the person, where none is set
     * @param array<int|string, array<Right>>|null $rights by id of the person; null if the document has them
     *
     * @return list<Person>
     */
    public static function people(Node $root, \DateTimeZone $zone, array $paces = [], ?array $rights = null): array
    {
        $seen = [];
        $people = $root->each('people', static function (Node $n) use ($zone, $paces, $rights, &$seen): Person {
            $n->only('person', 'pace', 'week', ...($rights === null ? ['rights'] : []));
            $id = $n->string('person');
            if (isset($seen[$id])) {
                $n->fault('person', 'is there twice');
            }
            $seen[$id] = true;
            $week = $n->has('week') ? self::week($n) : null;

            return new Person(
                $id,
                $rights === null ? $n->enums('rights', Right::class) : array_values($rights[$id] ?? []),
                $n->optionalNumber('pace', 0.25, 4.0) ?? $paces[$id] ?? 1.0,
                $week === null ? null : new OpeningHours($zone, $week),
            );
        });
        if ($people === []) {
            $root->fault('people', 'must be one at least');
        }

        return $people;
    }

    /** @return array<int, list<OpenSpan>> */
    public static function week(Node $n): array
    {
        $week = [];
        foreach ($n->each('week', static fn(Node $day): array => self::day($day)) as [$day, $spans]) {
            $week[$day] = $spans;
        }

        if (array_filter($week) === []) {
            $n->fault('week', 'must be open on one day at least');
        }

        return $week;
    }

    /** @return array{int, list<OpenSpan>} */
    private static function day(Node $n): array
    {
        $spans = [];
        $last = 0;
        foreach ($n->only('day', 'open')->strings('open') as $i => $text) {
            $span = self::span($text);
            if ($span === null || $span->from < $last) {
                $n->fault("open[$i]", 'must be a time and a later one, as 09:00–13:00, after the one before');

                continue;
            }
            $spans[] = $span;
            $last = $span->to;
        }

        return [$n->int('day', 1, 7), $spans];
    }

    private static function span(string $text): ?OpenSpan
    {
        $time = '([01]?\d|2[0-4])[:.]([0-5]\d)';
        if (preg_match("/^\s*$time\s*[–-]\s*$time\s*$/uD", $text, $m) !== 1) {
            return null;
        }
        [$from, $to] = [60 * (int) $m[1] + (int) $m[2], 60 * (int) $m[3] + (int) $m[4]];

        return $from < $to && $to <= 1440 ? new OpenSpan($from, $to) : null;
    }

    /** @return list<string> */
    public static function closed(Node $root): array
    {
        $days = $root->strings('closed');
        foreach ($days as $i => $day) {
            $read = \DateTimeImmutable::createFromFormat('!Y-m-d', $day);
            if ($read === false || $read->format('Y-m-d') !== $day) {
                $root->fault("closed[$i]", 'must be a day, as 2026-12-25');
            }
        }

        return $days;
    }
}
