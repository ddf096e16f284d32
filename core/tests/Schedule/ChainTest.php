<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Schedule\Block;
use Facelift\Schedule\Chain;
use Facelift\Schedule\Equipment;
use Facelift\Schedule\Load;
use Facelift\Schedule\Piece;
use Facelift\Schedule\Right;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class ChainTest extends TestCase
{
    public function testAPlanIsCutIntoPiecesBetweenWhichItMayLie(): void
    {
        $plan = Phones::plan('quillon-vesper', ReplacementKind::DisplayAssembly);
        $chain = Chain::of($plan);
        self::assertEqualsWithDelta($plan->handsOn(), $chain->hands(), 1e-6);
        self::assertEqualsWithDelta($plan->handsOn() + $plan->waiting(), $chain->length(), 1e-6);
        self::assertEquals($chain, Chain::read($chain->rows()));
        $plate = array_filter($chain->pieces, static fn(Piece $p): bool => $p->equipment === Equipment::Plate);
        self::assertNotSame([], $plate);
        foreach ($plate as $piece) {
            self::assertTrue($piece->atOnce(), 'the cut follows the heat');
        }
        $clamp = self::only($chain, Equipment::ClampSet);
        self::assertLessThan(120.0, $clamp->hands, 'clamps are taken when they are put on, not before');
        self::assertNull($clamp->within, 'under clamps it may lie');
        $rest = Chain::of($plan, \array_slice($plan->steps, 0, 20));
        self::assertLessThan($chain->hands(), $rest->hands());
    }

    public function testWhatIsWarmOrLaidIsOneBlockByOneHand(): void
    {
        $load = new Load(
            'x',
            new Chain([
                new Piece('ready', 30, within: 0.0),
                new Piece(
                    'heat',
                    10,
                    180,
                    Equipment::Plate,
                    0.0,
                ),
                new Piece('cut', 300),
                new Piece(
                    'cure',
                    20,
                    60,
                    Equipment::UvLamp,
                    null,
                    [Right::Uv],
                ),
            ]),
            0,
            0,
            0.3,
        );
        self::assertCount(2, $load->blocks);
        $shape = $load->blocks[0]->shape(2.0);
        self::assertSame(60 + 20 + 180 + 600, $shape->hold, 'hands take twice as long, heat does not');
        self::assertSame([60, 260], [$shape->uses[0]->from, $shape->uses[0]->to]);
        self::assertFalse($shape->uses[0]->through);
        self::assertSame([Right::Uv], $load->blocks[1]->rights);
        self::assertTrue($load->blocks[1]->shape(1.0)->uses[0]->through);
        self::assertInstanceOf(Block::class, $load->blocks[1]);
    }

    /** Of a time when only "at once" was kept, and neither rights nor the kind of step. */
    public function testWhatWasKeptEarlierIsRead(): void
    {
        $chain = Chain::read([['heat', 10.0, 180.0, 'plate', true], ['cut', 300.0, 0.0, null, false]]);
        self::assertEquals(
            new Chain([new Piece(
                'heat',
                10,
                180,
                Equipment::Plate,
                0.0,
            ), new Piece('cut', 300)]),
            $chain,
        );
    }

    private static function only(Chain $chain, Equipment $kind): Piece
    {
        foreach ($chain->pieces as $piece) {
            if ($piece->equipment === $kind) {
                return $piece;
            }
        }
        self::fail("nothing takes a $kind->value");
    }
}
