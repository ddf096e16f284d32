<?php

declare(strict_types=1);

namespace Facelift\Tests\Document;

use Facelift\Condition\Observation;
use Facelift\Document\Fault;
use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Reason;
use Facelift\Document\Unreadable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NodeTest extends TestCase
{
    /**
     * @param callable(Node): mixed $read
     * @param list<string>          $expected
     */
    #[DataProvider('readings')]
    public function testFaultsNameTheirPath(mixed $data, callable $read, array $expected): void
    {
        $faults = new Faults();
        $read(Node::root($data, $faults));
        self::assertSame(
            $expected,
            array_map(static fn(Fault $f): string => $f->path . ': ' . $f->reason, $faults->all()),
        );
        self::assertSame($expected !== [], $faults->any());
    }

    /** @return iterable<string, array{mixed, callable(Node): mixed, list<string>}> */
    public static function readings(): iterable
    {
        yield 'all right' => [
            ['a' => 'x', 'n' => 2.5, 'i' => 3, 'f' => true],
            static fn(Node $n): array => [$n->string('a'), $n->number('n', 0, 9), $n->int('i', 0, 9), $n->flag('f')],
            [],
        ];
        yield 'a list for an object' => [
            [1, 2],
            static fn(Node $n): string => $n->path,
            [': must be an object, and its names not numbers alone'],
        ];
        yield 'an empty text' => [
            ['a' => ' '],
            static fn(Node $n): string => $n->string('a'),
            ['a: must be a text that is not empty'],
        ];
        yield 'a missing text' => [[], static fn(Node $n): string => $n->string('a'), ['a: is missing']];
        yield 'a fraction for a whole number' => [
            ['i' => 1.5],
            static fn(Node $n): int => $n->int('i', 0, 9),
            ['i: must be a whole number'],
        ];
        yield 'a text for a flag' => [
            ['f' => 'yes'],
            static fn(Node $n): bool => $n->flag('f'),
            ['f: must be true or false'],
        ];
        yield 'below its range' => [
            ['n' => -0.25],
            static fn(Node $n): float => $n->number('n', 0, 1),
            ['n: is -0.25, must lie between 0 and 1'],
        ];
        yield 'an object for a list' => [
            ['l' => ['a' => 1]],
            static fn(Node $n): array => $n->strings('l'),
            ['l: must be a list'],
        ];
        yield 'a number among texts' => [
            ['l' => ['a', 2]],
            static fn(Node $n): array => $n->strings('l'),
            ['l[1]: must be a text that is not empty'],
        ];
        yield 'deep in a list' => [
            ['l' => [['a' => 'x'], ['a' => 1]]],
            static fn(Node $n): array => $n->each('l', static fn(Node $m): string => $m->string('a')),
            ['l[1].a: must be a text that is not empty'],
        ];
        yield 'an unknown case' => [
            ['o' => ['lines', 'sad']],
            static fn(Node $n): array => $n->enums('o', Observation::class),
            ['o[1]: must be one of ' . implode(', ', array_column(Observation::cases(), 'value'))],
        ];
        yield 'an unknown member' => [
            ['a' => 1, 'b' => 2],
            static fn(Node $n): Node => $n->only('a'),
            ['b: is not a member of this object'],
        ];
        yield 'a null' => [
            ['a' => null],
            static fn(Node $n): Node => $n->only('a'),
            ['a: must not be null: leave it out'],
        ];
        yield 'a required list' => [['a' => 1], static fn(Node $n): Node => $n->requires('a', 'b'), ['b: is missing']];
        yield 'a clause of nothing' => [
            ['c' => ['a', [], ['b', 'c'], [1]]],
            static fn(Node $n): array => $n->clauses('c'),
            [
                'c[1]: must be an id, or a list of ids of which one is enough',
                'c[3]: must be an id, or a list of ids of which one is enough',
            ],
        ];
        yield 'a count that is none' => [
            ['c' => ['x' => 2, 'y' => 'two']],
            static fn(Node $n): array => $n->counts('c'),
            ['c.y: must be a whole number, zero or more'],
        ];
    }

    public function testClausesAndCountsAreRead(): void
    {
        $node = Node::root(['after' => ['a', ['b', 'c']], 'counts' => ['x' => 2]], new Faults());
        self::assertSame([['a'], ['b', 'c']], $node->clauses('after'));
        self::assertSame(['x' => 2], $node->counts('counts'));
        self::assertSame([], $node->counts('none'));
        self::assertNull($node->optionalString('none'));
        self::assertNull($node->optionalNumber('none', 0, 1));
        self::assertNull($node->optionalEnum('none', Observation::class));
        self::assertNull($node->optionalNode('none'));
    }

    public function testARefusalCarriesEveryFault(): void
    {
        $refusal = Unreadable::because('phone file', [
            new Fault('', 'must be an object'),
            new Fault('a.b', 'is missing'),
        ]);
        self::assertSame('phone file refused: $: must be an object; a.b: is missing', $refusal->getMessage());
        self::assertCount(2, $refusal->faults);
    }

    public function testAReasonWithoutFiguresIsStillAnObject(): void
    {
        self::assertSame('{"code":"frame-bent","figures":{}}', json_encode((new Reason('frame-bent'))->toArray()));
        self::assertSame(
            '{"code":"frees","figures":{"names":"Display"}}',
            json_encode((new Reason('frees', ['names' => 'Display']))->toArray()),
        );
    }
}
