<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Document\Reason;

/** What changed from one version of a phone file to the next, in words. */
final readonly class PhoneDifference
{
    private const GROUPS = ['openings', 'flexZones', 'parts', 'fasteners', 'connectors', 'bonds', 'replacements'];
    private const WHOLE = ['identity', 'family', 'body', 'ledge', 'panel'];

    /**
     * @param array<string, mixed> $before phone file documents
     * @param array<string, mixed> $after
     *
     * @return list<Reason> in the order of the file; empty if nothing changed
     */
    public function between(array $before, array $after): array
    {
        $found = [];
        foreach (self::WHOLE as $member) {
            $found = [
                ...$found,
                ...$this->members(
                    $member,
                    $this->asMap($before[$member] ?? null),
                    $this->asMap($after[$member] ?? null),
                ),
            ];
        }
        foreach (self::GROUPS as $group) {
            $found = [
                ...$found,
                ...$this->group($group, $this->byId($before[$group] ?? null), $this->byId($after[$group] ?? null)),
            ];
        }
        [$old, $new] = [$this->asMap($before['stacks'] ?? null), $this->asMap($after['stacks'] ?? null)];
        foreach (array_unique([...array_keys($old), ...array_keys($new)]) as $stack) {
            if (!self::isSame($old[$stack] ?? null, $new[$stack] ?? null)) {
                $found[] = new Reason(
                    !isset($old[$stack]) ? 'file-added' : (isset($new[$stack]) ? 'file-stack-changed' : 'file-removed'),
                    ['group' => 'stacks', 'name' => (string) $stack],
                );
            }
        }

        return $found;
    }

    /**
     * @param array<string, array<mixed>> $before
     * @param array<string, array<mixed>> $after
     *
     * @return list<Reason>
     */
    private function group(string $group, array $before, array $after): array
    {
        $found = [];
        foreach ($after as $id => $element) {
            $found = isset($before[$id])
                ? [...$found, ...$this->members($group, $before[$id], $element)]
                : [...$found, new Reason('file-added', ['group' => $group, 'name' => $this->nameOf($element, $id)])];
        }
        foreach (array_diff_key($before, $after) as $id => $element) {
            $found[] = new Reason('file-removed', ['group' => $group, 'name' => $this->nameOf($element, $id)]);
        }

        return $found;
    }

    /**
     * @param array<mixed> $before
     * @param array<mixed> $after
     *
     * @return list<Reason>
     */
    private function members(string $group, array $before, array $after): array
    {
        $found = [];
        foreach (array_unique([...array_keys($before), ...array_keys($after)]) as $member) {
            $old = $before[$member] ?? null;
            $new = $after[$member] ?? null;
            if (!self::isSame($old, $new)) {
                $found[] = new Reason('file-changed', [
                    'group' => $group,
                    'name' => $this->nameOf($after === [] ? $before : $after, $group),
                    'member' => (string) $member,
                    'before' => $this->said($old),
                    'after' => $this->said($new),
                ]);
            }
        }

        return $found;
    }

    /** A figure written 3 or 3.0 is the same, however deep it lies; the order of a map's members means nothing. */
    private static function isSame(mixed $old, mixed $new): bool
    {
        if (\is_array($old) && \is_array($new)) {
            if (array_is_list($old) !== array_is_list($new) || \count($old) !== \count($new)) {
                return false;
            }
            foreach ($old as $key => $value) {
                if (!\array_key_exists($key, $new) || !self::isSame($value, $new[$key])) {
                    return false;
                }
            }

            return true;
        }

        $figures = (\is_int($old) || \is_float($old)) && (\is_int($new) || \is_float($new));

        return $figures ? (float) $old === (float) $new : $old === $new;
    }

    private function said(mixed $value): string
    {
        return match (true) {
            $value === null => 'nothing',
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_scalar($value) => (string) $value,
            \is_array($value)
                && array_is_list($value)
                && array_filter($value, static fn(mixed $v): bool => !\is_scalar($v)) === []
                => implode(', ', array_map(static fn(mixed $v): string => \is_scalar($v) ? (string) $v : '', $value)),
            \is_array($value) && array_is_list($value) => (string) \count($value),
            \is_array($value) => \count($value) . ' figures',
            default => 'something',
        };
    }

    /** @param array<mixed> $element */
    private function nameOf(array $element, string $or): string
    {
        return \is_string($element['name'] ?? null) ? $element['name'] : $or;
    }

    /** @return array<array-key, mixed> */
    private function asMap(mixed $value): array
    {
        return \is_array($value) ? $value : ['' => $value];
    }

    /** @return array<string, array<mixed>> */
    private function byId(mixed $list): array
    {
        $out = [];
        foreach (\is_array($list) ? $list : [] as $element) {
            if (\is_array($element) && \is_string($element['id'] ?? null)) {
                $out[$element['id']] = $element;
            }
        }

        return $out;
    }
}
