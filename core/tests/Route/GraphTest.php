<?php

declare(strict_types=1);

namespace Facelift\Tests\Route;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Tool;
use Facelift\Route\FewestChanges;
use Facelift\Route\Graph;
use Facelift\Route\RemovalNode;
use Facelift\Route\Setup;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class GraphTest extends TestCase
{
    use TestTrait;

    /** What the search trusts in: the promise of a state is never more than the best order of what is left costs. */
    public function testThePromiseNeverOverstates(): void
    {
        $this->limitTo(120)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed): void {
                $dice = new Dice($seed);
                $nodes = self::nodes($dice, $dice->int(2, 14));
                $graph = Graph::of($nodes);
                $best = (new FewestChanges(200_000))->order($nodes);
                self::assertTrue($best->optimal);
                self::assertLessThanOrEqual($best->changes, $graph->least($graph->none, Setup::start()), "seed $seed");
                // Along the best order the promise plus what is paid never exceeds the whole.
                $mask = $graph->none;
                $setup = Setup::start();
                $paid = 0;
                foreach ($best->nodes as $node) {
                    $n = array_search($node, $nodes, true);
                    self::assertIsInt($n);
                    $paid += $setup->changesTo($node);
                    $setup = $setup->after($node);
                    $mask = $graph->with($mask, $n);
                    self::assertLessThanOrEqual($best->changes, $paid + $graph->least($mask, $setup), "seed $seed");
                }
                self::assertSame($graph->all, $mask);
                self::assertSame(0, $graph->least($graph->all, $setup));
            });
    }

    public function testThereMayBeMoreRemovalsThanAWordHasBits(): void
    {
        $nodes = [];
        for ($i = 0; $i < 130; ++$i) {
            $nodes[] = new RemovalNode("n$i", Tool::Spudger, Face::Front, $i === 0 ? [] : [['n' . ($i - 1)]]);
        }
        $found = (new FewestChanges())->order(array_reverse($nodes));
        self::assertSame(
            array_map(static fn(RemovalNode $n): string => $n->id, $nodes),
            array_map(static fn(RemovalNode $n): string => $n->id, $found->nodes),
        );
        self::assertSame([1, true], [$found->changes, $found->optimal]);
    }

    public function testWhatIsNotInTheGraphBlocksNothing(): void
    {
        $graph = Graph::of([new RemovalNode('a', null, Face::Front, [['elsewhere']])]);
        self::assertSame([[0, 0]], $graph->openings($graph->none, Setup::start()));
    }

    /** @return non-empty-list<RemovalNode> */
    private static function nodes(Dice $dice, int $size): array
    {
        $nodes = [new RemovalNode('n0', Tool::SixLobeT5, Face::Front, [])];
        for ($i = 1; $i < $size; ++$i) {
            $clauses = [];
            for ($k = $dice->int(0, 2); $k > 0; --$k) {
                $clauses[] = ['n' . $dice->int(0, $i - 1), 'n' . $dice->int(0, $i - 1)];
            }
            $nodes[] = new RemovalNode(
                'n' . $i,
                $dice->pick([null, Tool::SixLobeT5, Tool::Spudger, Tool::Tweezers, Tool::Card]),
                $dice->pick(Face::cases()),
                $clauses,
            );
        }

        return $nodes;
    }
}
