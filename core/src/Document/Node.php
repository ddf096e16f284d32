<?php

declare(strict_types=1);

namespace Facelift\Document;

/**
 * Typed access to one object of a decoded JSON document.
 *
 * Every wrong or missing value becomes a fault with its path; reading goes on with a stand-in value, so that one pass
 * finds everything. The caller must check the faults before it uses what was read.
 */
final readonly class Node
{
    /** @param array<array-key, mixed> $data */
    private function __construct(private array $data, public string $path, public Faults $faults) {}

    public static function root(mixed $data, Faults $faults): self
    {
        return self::at($data, '', $faults);
    }

    private static function at(mixed $data, string $path, Faults $faults): self
    {
        if (!\is_array($data) || ($data !== [] && array_is_list($data))) {
            $faults->add($path, \is_array($data) && \count($data) > 0
                ? 'must be an object, and its names not numbers alone'
                : 'must be an object');

            return new self([], $path, $faults);
        }

        return new self($data, $path, $faults);
    }

    public function has(string $key): bool
    {
        return ($this->data[$key] ?? null) !== null;
    }

    /** A member as it stands, unchecked; null if missing. */
    public function raw(string $key): mixed
    {
        return $this->data[$key] ?? null;
    }

    public function fault(string $key, string $reason): void
    {
        $this->faults->add($this->of($key), $reason);
    }

    /** The path of a member of this object. */
    public function of(string $key): string
    {
        return $key === '' ? $this->path : ($this->path === '' ? $key : $this->path . '.' . $key);
    }

    /**
     * Refuses members that the format does not know, since a misspelt key is a lost figure, and members that are
     * null.
     */
    public function only(string ...$keys): self
    {
        foreach (array_diff(array_map(strval(...), array_keys($this->data)), $keys) as $unknown) {
            $this->fault($unknown, 'is not a member of this object');
        }
        foreach (array_keys($this->data, null, true) as $empty) {
            $this->fault((string) $empty, 'must not be null: leave it out');
        }

        return $this;
    }

    /** Members that must be there even where an empty list would do. */
    public function requires(string ...$keys): self
    {
        foreach ($keys as $key) {
            if (!$this->has($key)) {
                $this->fault($key, 'is missing');
            }
        }

        return $this;
    }

    public function string(string $key): string
    {
        $value = $this->data[$key] ?? null;
        if (!\is_string($value) || trim($value) === '') {
            $this->fault($key, $value === null ? 'is missing' : 'must be a text that is not empty');

            return '?';
        }

        return $value;
    }

    public function optionalString(string $key): ?string
    {
        return $this->has($key) ? $this->string($key) : null;
    }

    public function number(string $key, float $min, float $max): float
    {
        $value = $this->data[$key] ?? null;
        if (!\is_int($value) && !\is_float($value)) {
            $this->fault($key, $value === null ? 'is missing' : 'must be a number');

            return $min;
        }
        if ($value < $min || $value > $max) {
            $this->fault(
                $key,
                \sprintf(
                    'is %s, must lie between %s and %s',
                    self::figure((float) $value),
                    self::figure($min),
                    self::figure($max),
                ),
            );
        }

        return (float) $value;
    }

    public function optionalNumber(string $key, float $min, float $max): ?float
    {
        return $this->has($key) ? $this->number($key, $min, $max) : null;
    }

    public function int(string $key, int $min, int $max): int
    {
        $value = $this->data[$key] ?? null;
        if ($value !== null && !\is_int($value)) {
            $this->fault($key, 'must be a whole number');

            return $min;
        }

        return (int) $this->number($key, $min, $max);
    }

    public function flag(string $key): bool
    {
        $value = $this->data[$key] ?? false;
        if (!\is_bool($value)) {
            $this->fault($key, 'must be true or false');

            return false;
        }

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function enum(string $key, string $enum): \BackedEnum
    {
        return $this->case($this->data[$key] ?? null, $this->of($key), $enum);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function optionalEnum(string $key, string $enum): ?\BackedEnum
    {
        return $this->has($key) ? $this->enum($key, $enum) : null;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T>
     */
    public function enums(string $key, string $enum): array
    {
        $cases = [];
        foreach ($this->items($key) as $i => $value) {
            $cases[] = $this->case($value, $this->of($key) . "[$i]", $enum);
        }

        return $cases;
    }

    /** @return list<string> */
    public function strings(string $key): array
    {
        $texts = [];
        foreach ($this->items($key) as $i => $value) {
            if (\is_string($value) && $value !== '') {
                $texts[] = $value;
            } else {
                $this->faults->add($this->of($key) . "[$i]", 'must be a text that is not empty');
            }
        }

        return $texts;
    }

    /** Items that stand twice in a list are a fault; of objects, those with the same value of a member. */
    public function once(string $key, ?string $member = null): void
    {
        $values = array_map(
            static fn(mixed $i): mixed => $member === null ? $i : (\is_array($i) ? $i[$member] ?? null : null),
            $this->items($key),
        );
        $values = array_filter($values, is_scalar(...));
        if (\count($values) > \count(array_unique($values))) {
            $this->fault($key, 'must hold each ' . ($member ?? 'item') . ' once');
        }
    }

    public function node(string $key): self
    {
        if (!$this->has($key)) {
            $this->fault($key, 'is missing');

            return new self([], $this->of($key), new Faults());
        }

        return self::at($this->data[$key], $this->of($key), $this->faults);
    }

    public function optionalNode(string $key): ?self
    {
        return $this->has($key) ? $this->node($key) : null;
    }

    /**
     * @template T
     *
     * @param callable(self): T $read
     *
     * @return list<T>
     */
    public function each(string $key, callable $read): array
    {
        $out = [];
        foreach ($this->items($key) as $i => $value) {
            $out[] = $read(self::at($value, $this->of($key) . "[$i]", $this->faults));
        }

        return $out;
    }

    /**
     * Lists of lists of objects.
     *
     * @template T
     *
     * @param callable(self): T $read
     *
     * @return list<list<T>>
     */
    public function lists(string $key, callable $read): array
    {
        $out = [];
        foreach ($this->items($key) as $i => $inner) {
            $path = $this->of($key) . "[$i]";
            if (!\is_array($inner) || !array_is_list($inner)) {
                $this->faults->add($path, 'must be a list');
                continue;
            }
            $list = [];
            foreach ($inner as $k => $value) {
                $list[] = $read(self::at($value, $path . "[$k]", $this->faults));
            }
            $out[] = $list;
        }

        return $out;
    }

    /**
     * Members of an object whose keys are names given by the author.
     *
     * @template T
     *
     * @param callable(self): T $read
     *
     * @return array<string, T>
     */
    public function map(string $key, callable $read): array
    {
        $node = $this->node($key);
        $out = [];
        foreach ($node->data as $name => $value) {
            $out[(string) $name] = $read(self::at($value, $node->of((string) $name), $this->faults));
        }

        return $out;
    }

    /**
     * Lists of lists of ids: a member is an id, or a list of ids of which one is enough.
     *
     * @return list<list<string>>
     */
    public function clauses(string $key): array
    {
        $clauses = [];
        foreach ($this->items($key) as $i => $value) {
            $members = \is_array($value) ? array_values($value) : [$value];
            $texts = array_values(array_filter($members, is_string(...)));
            if ($members === [] || \count($texts) !== \count($members)) {
                $this->faults->add($this->of($key) . "[$i]", 'must be an id, or a list of ids of which one is enough');
                continue;
            }
            $clauses[] = $texts;
        }

        return $clauses;
    }

    /** @return array<string, int> a map of whole numbers, zero or more; empty if missing */
    public function counts(string $key): array
    {
        $value = $this->data[$key] ?? [];
        $value = $value instanceof \stdClass ? get_object_vars($value) : $value;
        $out = [];
        foreach (\is_array($value) ? $value : [] as $name => $count) {
            if (\is_int($count) && $count >= 0) {
                $out[(string) $name] = $count;
            } else {
                $this->faults->add($this->of($key) . '.' . $name, 'must be a whole number, zero or more');
            }
        }

        return $out;
    }

    /** @return array<string, string|float|int> a map of figures; empty if missing */
    public function figures(string $key): array
    {
        $value = $this->data[$key] ?? [];
        $out = [];
        foreach (\is_array($value) ? $value : [] as $name => $figure) {
            if (\is_string($figure) || \is_int($figure) || \is_float($figure)) {
                $out[(string) $name] = $figure;
            } else {
                $this->faults->add($this->of($key) . '.' . $name, 'must be a text or a number');
            }
        }

        return $out;
    }

    /** @return list<mixed> */
    private function items(string $key): array
    {
        $value = $this->data[$key] ?? [];
        if (!\is_array($value) || !array_is_list($value)) {
            $this->fault($key, 'must be a list');

            return [];
        }

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    private function case(mixed $value, string $path, string $enum): \BackedEnum
    {
        $case = \is_string($value) ? $enum::tryFrom($value) : null;
        if ($case === null) {
            $known = implode(', ', array_map(static fn(\BackedEnum $c): string => (string) $c->value, $enum::cases()));
            $this->faults->add($path, $value === null ? 'is missing' : 'must be one of ' . $known);

            return $enum::cases()[0];
        }

        return $case;
    }

    private static function figure(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}
