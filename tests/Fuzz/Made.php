<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Facelift\Tests\Dice;
use Tests\Schemas;

/** Requests that are nearly right: made from the contract's schemas, then spoilt in a place or two. */
final class Made
{
    private const DEEP = 7;
    /** what has broken readers elsewhere */
    private const SPOILT = [
        null, true, false, 0, -1, 1e300, -1e300, 1.5, 9_223_372_036_854_775_807, '', ' ', '0', 'null', "\u{0}",
        'Ω≈ç√', '../../etc/passwd', "' or 1=1 --", '{{7*7}}', '2100-01-01', '1e400', [], ['x'], [[[]]],
    ];

    /** @var \Closure(string): ?string */
    private readonly \Closure $known;

    /** @param \Closure(string): ?string $known an id that there is, by the name of a parameter */
    public function __construct(private readonly Dice $dice, \Closure $known)
    {
        $this->known = $known;
    }

    /**
     * @param array<mixed> $operation
     *
     * @return array{string, string, string|null} path, query, body
     */
    public function request(string $template, array $operation): array
    {
        $path = (string) preg_replace_callback('/\{(\w+)\}/', fn(array $m): string => $this->id($m[1]), $template);
        $query = [];
        foreach (is_array($operation['parameters'] ?? null) ? $operation['parameters'] : [] as $parameter) {
            $parameter = $this->resolved($parameter, 'openapi.yaml')[0];
            $name = $parameter['name'] ?? null;
            if (($parameter['in'] ?? null) === 'query' && is_string($name) && $this->dice->chance(70)) {
                $query[$name] = $this->dice->chance(50)
                    ? $this->dice->pick(self::SPOILT)
                    : $this->value($parameter['schema'] ?? [], 'openapi.yaml', 0);
            }
        }
        $content = $operation['requestBody'] ?? null;
        $content = is_array($content) ? $content['content'] ?? null : null;
        $json = is_array($content) ? $content['application/json'] ?? null : null;
        $schema = is_array($json) ? $json['schema'] ?? null : null;

        $asked = $query === [] ? '' : '?' . http_build_query($query);

        return [$path, $asked, $schema === null ? null : $this->body($schema)];
    }

    public function bytes(): string
    {
        return $this->dice->pick([
            '', 'x', str_repeat('a;b;c' . "\n", 50), "\xff\xd8\xff\xe0" . random_bytes(60), "\u{FEFF}label;name\n1;2\n",
            'GIF89a' . str_repeat("\0", 40), '<svg xmlns="http://www.w3.org/2000/svg"/>',
        ]);
    }

    private function body(mixed $schema): string
    {
        if ($this->dice->chance(5)) {
            $deep = str_repeat('[', 600) . str_repeat(']', 600);

            return $this->dice->pick(['', '{', '[]', 'null', '"x"', '{"a":', $deep]);
        }
        $value = $this->value($schema, 'openapi.yaml', 0);
        for ($times = $this->dice->int(0, 2); $times > 0; --$times) {
            $value = $this->spoilt($value, 0);
        }

        return (string) json_encode($value, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR);
    }

    private function id(string $name): string
    {
        $known = $this->dice->chance(85) ? ($this->known)($name) : null;

        return rawurlencode($known ?? $this->dice->pick([
            '0', '1', '99999999999999999999', 'x', '00000000-0000-4000-8000-000000000000', 'seal', 'pdf', '%00', '-1',
        ]));
    }

    /** One place of a value, and another value there. */
    private function spoilt(mixed $value, int $deep): mixed
    {
        if (!is_array($value) || $value === [] || $deep > self::DEEP || $this->dice->chance(20)) {
            return $this->dice->chance(10) ? str_repeat('long ', 20_000) : $this->dice->pick(self::SPOILT);
        }
        $key = $this->dice->pick(array_keys($value));
        if ($this->dice->chance(15)) {
            unset($value[$key]);

            return $value;
        }
        $value[$key] = $this->spoilt($value[$key], $deep + 1);

        return $value;
    }

    private function value(mixed $schema, string $file, int $deep): mixed
    {
        [$schema, $file] = $this->resolved($schema, $file);
        foreach (['anyOf', 'oneOf', 'allOf'] as $of) {
            if (is_array($schema[$of] ?? null) && $schema[$of] !== []) {
                return $this->value($this->dice->pick(array_values($schema[$of])), $file, $deep + 1);
            }
        }
        if (array_key_exists('const', $schema)) {
            return $schema['const'];
        }
        if (is_array($schema['enum'] ?? null) && $schema['enum'] !== []) {
            return $this->dice->pick(array_values($schema['enum']));
        }
        $type = $schema['type'] ?? (isset($schema['properties']) ? 'object' : 'string');
        $type = is_array($type) && $type !== [] ? $this->dice->pick(array_values($type)) : $type;

        return match ($type) {
            'object' => $this->object($schema, $file, $deep),
            'array' => $this->items($schema, $file, $deep),
            'integer' => (is_int($schema['minimum'] ?? null) ? $schema['minimum'] : 0) + $this->dice->int(0, 9),
            'number' => $this->dice->float(0, 100),
            'boolean' => $this->dice->chance(50),
            'null' => null,
            default => $this->text($schema),
        };
    }

    /** @param array<mixed> $schema */
    private function text(array $schema): string
    {
        return match ($schema['format'] ?? null) {
            'uuid' => $this->dice->pick([
                ($this->known)('job') ?? '', sprintf('%08x-0000-4000-8000-%012x', mt_rand(), mt_rand()),
            ]),
            'date' => '2026-12-0' . $this->dice->int(1, 9),
            'date-time' => '2026-12-01T10:00:00Z',
            default => $this->dice->pick([
                'quillon-vesper', 'display-assembly', 'seal', 'power-off', 'A text', '12.50', 'QV-2110',
            ]),
        };
    }

    /**
     * @param array<mixed> $schema
     *
     * @return array<mixed>|\stdClass
     */
    private function object(array $schema, string $file, int $deep): array|\stdClass
    {
        $object = [];
        $required = is_array($schema['required'] ?? null) ? $schema['required'] : [];
        foreach (is_array($schema['properties'] ?? null) ? $schema['properties'] : [] as $key => $of) {
            if ($deep < self::DEEP && (in_array($key, $required, true) || $this->dice->chance(40))) {
                $object[$key] = $this->value($of, $file, $deep + 1);
            }
        }

        return $object === [] ? new \stdClass() : $object;
    }

    /**
     * @param array<mixed> $schema
     *
     * @return list<mixed>
     */
    private function items(array $schema, string $file, int $deep): array
    {
        $items = [];
        for ($i = $deep >= self::DEEP ? 0 : $this->dice->int(0, 2); $i > 0; --$i) {
            $items[] = $this->value($schema['items'] ?? [], $file, $deep + 1);
        }

        return $items;
    }

    /** @return array{array<mixed>, string} what a reference stands for, and the file that it stands in */
    private function resolved(mixed $schema, string $file): array
    {
        while (is_array($schema) && is_string($schema['$ref'] ?? null)) {
            [$at, $pointer] = explode('#', $schema['$ref'], 2) + [1 => ''];
            $file = $at === '' ? $file : $at;
            $schema = Schemas::part($file, $pointer);
        }

        return [is_array($schema) ? $schema : [], $file];
    }
}
