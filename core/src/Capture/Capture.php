<?php

declare(strict_types=1);

namespace Facelift\Capture;

use Facelift\Anatomy\Driver;
use Facelift\Anatomy\PhoneReader;
use Facelift\Capture\Internal\Table;
use Facelift\Document\Unreadable;

/**
 * A phone file as a fold over what was said of it at the bench: in the order of its own times, each once, whichever
 * way it arrived. Whatever no longer fits, since what it is about is gone, is passed over.
 */
final readonly class Capture
{
    /** mm between two screws that were counted and not tapped */
    private const APART = 6.0;
    /** mm of thread and length where nobody measured (common practice, no source) */
    private const THREAD = 1.2;
    private const LENGTH = 1.6;
    /** mm that a hole is deeper than the screw in it */
    private const DEEPER = 0.4;

    /** @param array<string, mixed> $base the phone file that the job was opened with */
    public function __construct(private array $base) {}

    /**
     * @param list<Captured> $said
     *
     * @return array<string, mixed> the document, as `PhoneReader` reads it
     */
    public function of(array $said): array
    {
        $once = [];
        foreach ($said as $one) {
            $once[$one->event] = $one;
        }
        uasort($once, static fn(Captured $a, Captured $b): int => $a->isBefore($b) ? -1 : 1);
        $document = $this->base;
        foreach ($once as $one) {
            try {
                $document = $this->after($document, $one);
            } catch (Unreadable) {
                // Something that was said earlier came later: this no longer fits, and is passed over.
            }
        }

        return $document;
    }

    /**
     * One thing more is said.
     *
     * @param array<string, mixed> $document what was said so far comes to
     *
     * @return array<string, mixed>
     *
     * @throws Unreadable If it makes no phone that can be worked on: nothing is to be kept.
     */
    public function after(array $document, Captured $one): array
    {
        $table = new Table($document);
        $this->apply($table, $one);
        $next = $table->document();
        (new PhoneReader())->read($next);

        return $next;
    }

    private function apply(Table $table, Captured $one): void
    {
        match ($one->kind) {
            CaptureKind::MoreScrews => $this->screws($table, $one),
            CaptureKind::MorePlug => $this->plug($table, $one),
            CaptureKind::MoreCover => $this->cover($table, $one),
            CaptureKind::ScrewsCounted => $this->counted($table, $one),
            CaptureKind::NotThere => $table->drop($one->of),
        };
    }

    private function screws(Table $table, Captured $one): void
    {
        $isPart = static fn(string $p): bool => $table->find($p, 'parts') !== null;
        $holds = array_values(array_filter($one->under, $isPart));
        $held = $holds === [] ? null : $table->find($holds[0], 'parts');
        if ($held === null) {
            return;
        }
        $length = $one->length ?? self::LENGTH;
        $table->put('fasteners', $one->makes(), [
            'name' => $one->name,
            'driver' => Driver::tryFrom($one->driver)->value ?? Driver::CrossPH000->value,
            'thread' => self::THREAD,
            'length' => $length,
            'holeDepth' => round($length + self::DEEPER, 2),
            'holds' => $holds,
            'face' => $held['face'] ?? 'front',
            'after' => $this->besideScrewsOf($table, $holds[0]),
            'places' => $this->places($one->places, $one->count, self::middle($held)),
        ], $one->length === null ? 'seen' : 'measured');
    }

    /** @return list<mixed> what has to be off before the screws that hold the same part */
    private function besideScrewsOf(Table $table, string $part): array
    {
        foreach ($table->all('fasteners') as $row) {
            if (\in_array($part, (array) ($row['holds'] ?? []), true)) {
                return array_values((array) ($row['after'] ?? []));
            }
        }

        return [];
    }

    private function cover(Table $table, Captured $one): void
    {
        $under = array_values(array_filter($one->under, static fn(string $id): bool => $table->find($id) !== null));
        $first = $under === [] ? null : $table->find($under[0]);
        $frame = self::idOf($table, 'frame');
        if ($first === null || $frame === null) {
            return;
        }
        [$x, $y] = $one->places[0] ?? self::middle($first);
        $table->put('parts', $one->makes(), [
            'kind' => 'bracket',
            'name' => $one->name,
            'carriedBy' => $frame,
            'face' => $first['face'] ?? 'front',
            'tool' => 'tweezers',
            'x' => $x,
            'y' => $y,
            'width' => 16.0,
            'height' => 10.0,
            'seconds' => 10,
            'after' => array_values((array) ($first['after'] ?? [])),
        ], 'seen');
        foreach ($under as $id) {
            $table->waitsFor($id, $one->makes());
        }
    }

    private function plug(Table $table, Captured $one): void
    {
        $part = $one->under[0] ?? '';
        $of = $table->find($part, 'parts');
        $board = self::idOf($table, 'main-board') ?? self::idOf($table, 'boards');
        if ($of === null || $board === null || $board === $part) {
            return;
        }
        [$x, $y] = $one->places[0] ?? self::middle($of);
        $table->put('connectors', $one->makes(), [
            'name' => $one->name,
            'kind' => 'board-to-board',
            'joins' => [$part, $board],
            'face' => $of['face'] ?? 'front',
            'x' => $x,
            'y' => $y,
            'after' => $this->besidePlugs($table),
        ], 'seen');
    }

    /** @return list<mixed> what has to be off before the plugs that are known */
    private function besidePlugs(Table $table): array
    {
        foreach ($table->all('connectors') as $row) {
            if (($row['power'] ?? false) !== true) {
                return array_values((array) ($row['after'] ?? []));
            }
        }

        return [];
    }

    private function counted(Table $table, Captured $one): void
    {
        $row = $table->find($one->of, 'fasteners');
        if ($row === null || $one->count < 1) {
            return;
        }
        $known = [];
        foreach ((array) ($row['places'] ?? []) as $place) {
            if (\is_array($place) && is_numeric($place['x'] ?? null) && is_numeric($place['y'] ?? null)) {
                $known[] = [(float) $place['x'], (float) $place['y']];
            }
        }
        $tapped = $one->places === [] ? $known : $one->places;
        $more = $one->length === null ? [] : [
            'length' => $one->length,
            'holeDepth' => round($one->length + self::DEEPER, 2),
        ];
        $driver = Driver::tryFrom($one->driver);
        $more += $driver === null ? [] : ['driver' => $driver->value];
        $more['places'] = $this->places($tapped, $one->count, $known[0] ?? [10.0, 10.0]);
        $table->put('fasteners', $one->of, array_replace($row, $more), $one->length === null ? 'seen' : 'measured');
    }

    private static function idOf(Table $table, string $kind): ?string
    {
        foreach ($table->all('parts') as $id => $row) {
            if (($row['kind'] ?? '') === $kind) {
                return $id;
            }
        }

        return null;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array{float, float}
     */
    private static function middle(array $row): array
    {
        $at = static fn(string $k): float => is_numeric($row[$k] ?? null) ? (float) $row[$k] : 10.0;

        return [$at('x'), $at('y')];
    }

    /**
     * As many as were counted: those that were tapped, and the rest in a row from the last to the phone's middle.
     *
     * @param list<array{float, float}> $tapped
     * @param array{float, float}       $else where nothing was tapped
     *
     * @return list<array{x: float, y: float}>
     */
    private function places(array $tapped, int $count, array $else): array
    {
        $places = \array_slice($tapped, 0, max(1, $count));
        $last = $places === [] ? $else : $places[\count($places) - 1];
        $body = \is_array($this->base['body'] ?? null) ? $this->base['body'] : [];
        $half = static fn(string $k): float => is_numeric($body[$k] ?? null) ? (float) $body[$k] / 2 : 30.0;
        [$dx, $dy] = [$half('width') - $last[0], $half('height') - $last[1]];
        $far = max(1e-6, hypot($dx, $dy));
        for ($i = \count($places), $n = 1; $i < $count; ++$i, ++$n) {
            // Never past the middle: as many as there are lie within half of the way.
            $along = min(self::APART * $n, $far * $n / (2 * $count)) / $far;
            $places[] = [$last[0] + $dx * $along, $last[1] + $dy * $along];
        }

        return array_map(static fn(array $p): array => ['x' => round($p[0], 2), 'y' => round($p[1], 2)], $places);
    }
}
