<?php

declare(strict_types=1);

namespace Facelift\Capture\Internal;

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

    /** @param array<string, mixed> $document */
    public function __construct(private readonly array $document)
    {
        foreach (self::GROUPS as $group) {
            foreach (self::rows($document[$group] ?? null) as $row) {
                $this->groups[$group][self::text($row, 'id')] = $row;
            }
        }
        $footing = \is_array($document['footing'] ?? null) ? $document['footing'] : [];
        foreach (self::rows($footing['elements'] ?? null) as $row) {
            $this->rests[self::text($row, 'of')] = self::text($row, 'rests');
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

    /** @param array<string, mixed> $row */
    public function put(string $group, string $id, array $row, string $rests): void
    {
        $this->groups[$group][$id] = ['id' => $id] + $row;
        $this->rests[$id] = $rests;
        unset($this->ranges[$id]);
    }

    /** One thing more has to be off before an element. */
    public function waitsFor(string $id, string $first): void
    {
        foreach (self::GROUPS as $group) {
            if (isset($this->groups[$group][$id])) {
                $after = $this->groups[$group][$id]['after'] ?? [];
                $this->groups[$group][$id]['after'] = [...\is_array($after) ? array_values($after) : [], $first];
            }
        }
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
        $footing = \is_array($document['footing'] ?? null) ? $document['footing'] : [];
        $document['version'] = 2;
        $document['footing'] = array_replace($footing, [
            'elements' => array_map(
                static fn(string $of, string $rests): array => ['of' => $of, 'rests' => $rests],
                array_keys($this->rests),
                array_values($this->rests),
            ),
            'screws' => array_values($this->ranges),
        ]);

        return $document;
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
