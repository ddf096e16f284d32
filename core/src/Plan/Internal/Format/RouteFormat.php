<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Tool;
use Facelift\Document\Node;
use Facelift\Route\OrderedRemovals;
use Facelift\Route\RemovalNode;
use Facelift\Route\Route;
use Facelift\Route\Trial;

/**
 * What is taken apart, in a plan document.
 *
 * @internal
 */
final readonly class RouteFormat
{
    /** @return array<string, mixed> */
    public function write(Route $route): array
    {
        $trial = $route->trial;
        $removals = $route->removals;
        $node = static fn(RemovalNode $n): array => [
            'id' => $n->id, 'tool' => $n->tool?->value, 'face' => $n->face->value, 'after' => $n->clauses,
        ];

        return [
            'moved' => $route->moved,
            'discarded' => $route->discarded,
            'removals' => array_map($node, $removals->nodes),
            'changes' => $removals->changes,
            'optimal' => $removals->optimal,
            'states' => $removals->explored,
            'bound' => $removals->bound,
            'trial' => $trial === null
                    ? null
                    : ['connect' => $trial->connect, 'live' => $trial->live, 'extension' => $trial->extension],
        ];
    }

    public function read(Node $n): Route
    {
        $node = static fn(Node $r): RemovalNode => new RemovalNode(
            $r->string('id'),
            $r->optionalEnum('tool', Tool::class),
            $r->enum('face', Face::class),
            $r->clauses('after'),
        );
        $removals = new OrderedRemovals(
            $n->each('removals', $node),
            $n->int('changes', 0, 100000),
            $n->flag('optimal'),
            $n->int('states', 0, 1_000_000_000),
            $n->int('bound', 0, 100000),
        );
        $trial = $n->optionalNode('trial');

        return new Route(
            $removals,
            $n->strings('moved'),
            $n->strings('discarded'),
            $trial === null
                ? null
                : new Trial($trial->strings('connect'), $trial->strings('live'), $trial->flag('extension')),
        );
    }
}
