<?php

declare(strict_types=1);

namespace Facelift\Capture\Internal;

use Facelift\Anatomy\Rests;

/**
 * A phone file's document while things are said of it: elements by group and id.
 *
 * @internal
 */
final class Table
{
    private const GROUPS = ['parts', 'fasteners', 'connectors', 'bonds'];

    /** @var array<string, array<string, array<string, mixed>>> by group and id */
    private array $groups = [];
    /** @var array<string, string> what each element rests on */
    private array $rests = [];
    /** @var array<string, array<string, mixed>> by group of screws */
    private array $ranges = [];

    /** @var array<string, string> tag of the job in which each was seen */
    private array $jobs = [];

    /**
     * @param array<string, mixed> $document
     * @param string               $job tag of the job in which things are said; empty if it has none
     */
    public function __construct(private readonly array $document, private readonly string $job = '')
    {
        foreach (self::GROUPS as $group) {
            foreach (self::rows($document[$group] ?? null) as $row) {
                $this->groups[$group][self::text($row, 'id')] = $row;
            }
        }
        $footing = \is_array($document['footing'] ?? null) ? $document['footing'] : [];
        foreach (self::rows($footing['elements'] ?? null) as $row) {
            $this->rests[self::text($row, 'of')] = self::text($row, 'rests');
            $this->jobs[self::text($row, 'of')] = self::text($row, 'job');
        }
        foreach (self::rows($footing['screws'] ?? null) as $row) {
            $this->ranges[self::text($row, 'of')] = $row;
        }
    }

    /** @return array<string, mixed>|null null if there is none */
    public function find(string $id, ?string $group = null): ?array
    {
        foreach ($group === null ? self::GROUPS : [$group] as $g) {
            if (isset($this->groups[$g][$id])) {
                return $this->groups[$g][$id];
            }
        }

        return null;
    }

    /** @return array<string, array<string, mixed>> by id */
    public function all(string $group): array
    {
        return $this->groups[$group] ?? [];
    }

    public function groupOf(string $id): ?string
    {
        foreach (self::GROUPS as $group) {
            if (isset($this->groups[$group][$id])) {
                return $group;
            }
        }

        return null;
    }

    /** @return list<string> of every element */
    public function ids(): array
    {
        return array_merge(...array_map(fn(string $g): array => array_keys($this->all($g)), self::GROUPS));
    }

    /** @return array<array-key, mixed> */
    public function body(): array
    {
        return \is_array($this->document['body'] ?? null) ? $this->document['body'] : [];
    }

    /** @param array<string, mixed> $row */
    public function put(string $group, string $id, array $row, Rests $rests): void
    {
        $this->rests($id, $rests);
        $this->groups[$group][$id] = ['id' => $id] + $row;
        unset($this->ranges[$id]);
    }

    /** What was measured, or drawn from the phone, is not less by being seen once more. */
    public function rests(string $id, Rests $rests): void
    {
        $isDrawn = !isset($this->rests[$id]) && $this->find($id) !== null;
        if (!$isDrawn && ($this->rests[$id] ?? '') !== Rests::Measured->value) {
            $this->rests[$id] = $rests->value;
            $this->jobs[$id] = $this->job;
        }
    }

    /** Screws that were handled are as many as are drawn. */
    public function counted(string $id): void
    {
        unset($this->ranges[$id]);
    }

    /** One thing more has to be off before an element. */
    public function waitsFor(string $id, string $first): void
    {
        $group = $this->groupOf($id);
        $after = $group === null ? [] : $this->groups[$group][$id]['after'] ?? [];
        $after = \is_array($after) ? array_values($after) : [];
        if ($group !== null && !\in_array($first, $after, true) && !\in_array([$first], $after, true)) {
            $this->groups[$group][$id]['after'] = [...$after, $first];
        }
    }

    /**
     * An element does not wait for a thing. Where the thing was one of several ways, the others stay.
     *
     * @param list<string>|null $instead what it was seen after; null if nobody said: then it lies as free as the thing
     */
    public function waitsNoLongerFor(string $id, string $first, ?array $instead): void
    {
        $group = $this->groupOf($id);
        $row = $group === null ? null : $this->groups[$group][$id];
        $left = $row === null ? null : self::forgetting($row, [$first]);
        if ($group === null || $row === null || $left === null || $left === $row) {
            return;
        }
        $this->groups[$group][$id] = $left;
        foreach ($instead ?? self::words($this->find($first)['after'] ?? null) as $any) {
            $this->waitsFor($id, $any);
        }
    }

    /** Two plugs lie where the other one was drawn, and wait for what the other one waited for. */
    public function changePlaces(string $one, string $other): void
    {
        [$a, $b] = [$this->all('connectors')[$one] ?? [], $this->all('connectors')[$other] ?? []];
        $places = array_flip(['x', 'y', 'face', 'after']);
        $this->groups['connectors'][$one] = array_intersect_key($b, $places) + array_diff_key($a, $places);
        $this->groups['connectors'][$other] = array_intersect_key($a, $places) + array_diff_key($b, $places);
    }

    /** An element goes, with all that hangs on it: what held it alone, what joined it, and every word of it. */
    public function drop(string $id): void
    {
        $gone = [$id];
        foreach (['connectors', 'bonds'] as $group) {
            foreach ($this->all($group) as $link => $row) {
                if (\in_array($id, (array) ($row['joins'] ?? []), true)) {
                    $gone[] = $link;
                }
            }
        }
        foreach ($this->all('fasteners') as $screws => $row) {
            $holds = array_values(array_diff(self::words($row['holds'] ?? null), [$id]));
            $this->groups['fasteners'][$screws]['holds'] = $holds;
            if ($holds === []) {
                $gone[] = $screws;
            }
        }
        foreach (self::GROUPS as $group) {
            $this->groups[$group] = array_map(
                static fn(array $row): array => self::forgetting($row, $gone),
                array_diff_key($this->all($group), array_flip($gone)),
            );
        }
        $this->rests = array_diff_key($this->rests, array_flip($gone));
        $this->ranges = array_diff_key($this->ranges, array_flip($gone));
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $document = $this->document;
        foreach (self::GROUPS as $group) {
            $document[$group] = array_values($this->all($group));
        }
        $document['replacements'] = array_map($this->replacement(...), self::rows($document['replacements'] ?? null));
        $footing = \is_array($document['footing'] ?? null) ? $document['footing'] : [];
        $document['version'] = 2;
        $document['footing'] = array_replace($footing, [
            'elements' => array_map(
                fn(string $of, string $rests): array => ['of' => $of, 'rests' => $rests]
                    + (($this->jobs[$of] ?? '') === '' ? [] : ['job' => $this->jobs[$of]]),
                array_keys($this->rests),
                array_values($this->rests),
            ),
            'screws' => array_values($this->ranges),
        ]);

        return $document;
    }

    /**
     * A new part brings nothing, and lacks no hole for, what the phone has not.
     *
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private function replacement(array $row): array
    {
        foreach (['replaces' => 'parts', 'brings' => 'parts', 'lacks' => 'fasteners'] as $member => $group) {
            $row[$member] = array_values(array_filter(
                self::words($row[$member] ?? null),
                fn(string $id): bool => $this->find($id, $group) !== null,
            ));
        }

        return $row;
    }

    /**
     * @param array<string, mixed> $row
     * @param list<string>         $gone
     *
     * @return array<string, mixed>
     */
    private static function forgetting(array $row, array $gone): array
    {
        $after = [];
        foreach (\is_array($row['after'] ?? null) ? $row['after'] : [] as $any) {
            $left = \is_array($any) ? array_values(array_diff(self::words($any), $gone)) : $any;
            if ($left !== [] && !\in_array($left, $gone, true)) {
                $after[] = $left;
            }
        }

        return isset($row['after']) ? array_replace($row, ['after' => $after]) : $row;
    }

    /** @return list<string> */
    private static function words(mixed $list): array
    {
        return \is_array($list) ? array_values(array_filter($list, is_string(...))) : [];
    }

    /** @param array<string, mixed> $row */
    private static function text(array $row, string $key): string
    {
        return \is_string($row[$key] ?? null) ? $row[$key] : '';
    }

    /** @return list<array<string, mixed>> */
    private static function rows(mixed $list): array
    {
        $rows = [];
        foreach (\is_array($list) ? $list : [] as $row) {
            $named = [];
            foreach (\is_array($row) ? $row : [] as $key => $value) {
                $named[(string) $key] = $value;
            }
            $rows[] = $named;
        }

        return $rows;
    }
}
