<?php

declare(strict_types=1);

namespace Facelift\Tests\Route;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Fit\OldPanel;
use Facelift\Route\LeastSet;
use Facelift\Route\RoutePlanner;
use Facelift\Route\Weights;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/**
 * Ways in are compared by what they disturb, then by what they risk, then by tool changes and turns, then by minutes.
 */
final class WeightsTest extends TestCase
{
    public function testOfTwoWaysThatDisturbAlikeTheOneWithLessAtRiskIsTaken(): void
    {
        $clauses = ['paired' => [], 'plain' => [], 'goal' => [['paired', 'plain']]];
        self::assertSame(
            ['plain', 'goal'],
            (new LeastSet($clauses, ['paired' => [1, 4], 'plain' => [1, 0], 'goal' => [1, 0]]))->for(['goal']),
        );
        self::assertSame(
            ['paired', 'goal'],
            (new LeastSet($clauses, ['paired' => [1, 4], 'plain' => [2, 0], 'goal' => [1, 0]]))->for(['goal']),
            'what is disturbed counts first',
        );
    }

    public function testWaysOfTheSameWeightAreAllLookedAt(): void
    {
        $clauses = ['a' => [], 'b' => [], 'c' => [], 'goal' => [['a', 'b'], ['b', 'c']]];
        $all = (new LeastSet($clauses, array_fill_keys(['a', 'b', 'c', 'goal'], [0, 0])))->all(['goal']);
        self::assertContains(['b', 'goal'], $all);
        self::assertGreaterThan(1, \count($all));
    }

    public function testScrewsAreNotHarmedByComingOutAndPairedPartsAre(): void
    {
        $weights = Weights::of(Phones::read('quillon-hollin'));
        self::assertSame([0, 0], $weights['shield-screws']);
        self::assertSame([1, 4], $weights['home-key']);
        self::assertSame([1, 2], $weights['home-glue']);
        self::assertSame([1, 0], $weights['display-plug']);
        // By hand: two screws of 8 s, a plug of 8 s, a bond of 45 s, a bracket of 12 s.
        self::assertEqualsWithDelta(
            16 + 8 + 45 + 12,
            Weights::seconds(Phones::read('quillon-hollin'), ['home-screws', 'home-plug', 'home-glue', 'home-bracket']),
            1e-9,
        );
    }

    /**
     * A flex of the old display that is glued down in the phone is loosened to save it, and torn off if it is given
     * up.
     */
    public function testAPanelThatIsGivenUpMayTearOffItsGluedFlex(): void
    {
        $phone = Phones::read('maruvi-sorrel');
        $part = $phone->replacement(K::DisplayAssembly);
        $save = (new RoutePlanner())->plan($phone, $part)->ids();
        $give = (new RoutePlanner())->plan($phone, $part, OldPanel::GiveUp)->ids();
        self::assertSame(['flex-glue-down'], array_values(array_diff($save, $give)));
        self::assertSame([], array_diff($give, $save));
    }

    /** What the phone keeps is never torn: the glued flex of a paired home key is loosened either way. */
    public function testWhatMovesOverIsNeverTorn(): void
    {
        $phone = Phones::read('quillon-hollin');
        $route = (new RoutePlanner())->plan($phone, $phone->replacement(K::DisplayAssembly), OldPanel::GiveUp);
        self::assertContains('home-glue', $route->ids());
        self::assertContains('sensor-glue', $route->ids());
    }
}
