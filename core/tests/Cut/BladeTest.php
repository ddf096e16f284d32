<?php

declare(strict_types=1);

namespace Facelift\Tests\Cut;

use Facelift\Anatomy\AdhesiveKind as Adhesive;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\FrameMaterial as Frame;
use Facelift\Condition\Condition;
use Facelift\Cut\Alcohol;
use Facelift\Cut\Blade;
use Facelift\Cut\BreakPanel;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\HeatBy;
use Facelift\Cut\Heating;
use Facelift\Cut\Move;
use Facelift\Cut\OpeningPlanner;
use Facelift\Cut\Pass;
use Facelift\Fit\OldPanel;
use Facelift\Heat\Binding;
use Facelift\Heat\Source;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Tool, depth and pace by what the edge is made of, what the glass is like, and what is to become of the panel.
 * Common practice, no source.
 */
final class BladeTest extends TestCase
{
    /** Strong glue, and a battery that keeps out of the way, so that something else binds. */
    private const GLUED = ['bonds.0.adhesive' => 'strong-glue', 'stacks.centre.layers.2.thickness' => 4.0];

    #[DataProvider('edges')]
    public function testTheBladeSuitsTheEdge(
        Frame $frame,
        Face $face,
        Adhesive $adhesive,
        bool $crazed,
        Blade $blade,
    ): void {
        self::assertSame($blade, Blade::along($frame, $face, $adhesive, $crazed));
    }

    /** @return iterable<string, array{Frame, Face, Adhesive, bool, Blade}> */
    public static function edges(): iterable
    {
        yield 'metal marks plastic' => [Frame::Plastic, Face::Front, Adhesive::FoamTape, false, Blade::Card];
        yield 'also under strong glue' => [Frame::Plastic, Face::Front, Adhesive::StrongGlue, true, Blade::Card];
        yield 'the back glass is not marked' => [Frame::Metal, Face::Back, Adhesive::PrecutSeal, false, Blade::Card];
        yield 'whole glass, foam tape' => [Frame::Metal, Face::Front, Adhesive::FoamTape, false, Blade::Pick];
        yield 'crumbling glass' => [Frame::Metal, Face::Front, Adhesive::FoamTape, true, Blade::ThinMetal];
        yield 'strong glue' => [Frame::Metal, Face::Front, Adhesive::StrongGlue, false, Blade::ThinMetal];
    }

    public function testAPanelThatIsGivenUpIsUndercutWhereNothingLiesBehindAndNotElsewhere(): void
    {
        $save = self::passes(self::open([]));
        $give = self::passes(self::open([], old: OldPanel::GiveUp));
        $by = [];
        foreach ($give as $pass) {
            $by[$pass->way->stretch->id] = $pass;
        }
        $deeper = 0;
        foreach ($save as $pass) {
            $given = $by[$pass->way->stretch->id];
            self::assertFalse($pass->way->flat);
            self::assertGreaterThan($pass->way->pace, $given->way->pace, 'it is not nursed');
            self::assertSame($pass->way->stretch->behind === null, $given->way->flat, $pass->way->stretch->id);
            if ($pass->way->stretch->behind !== null) {
                self::assertSame($pass->way->depth, $given->way->depth, 'what lies behind stays in the phone');
            } else {
                self::assertLessThanOrEqual(2 * $pass->way->depth, $given->way->depth);
                ++$deeper;
            }
        }
        self::assertGreaterThan(0, $deeper);
        self::assertGreaterThan(self::open([])->limits->panel, self::open([], old: OldPanel::GiveUp)->limits->panel);
    }

    public function testAPlasticFrameStopsAHeatingBeforeItGoesSoft(): void
    {
        $hot = self::open(['body.frame' => 'plastic'] + self::GLUED, set: 93);
        foreach ($hot->samples as $sample) {
            self::assertLessThan(83.0, $sample->frame, 'a step of two seconds may run over by this much');
        }
        self::assertTrue(self::open(self::GLUED, set: 93)->works());
        self::assertSame(Binding::Chance, $hot->blocked, 'too little heat for a pass that is likely to be through');
        // By glass alone it could not be told: a limit below the window leaves no way at all.
        self::assertSame(
            Binding::Frame,
            self::open(['body.frame' => 'plastic', 'bonds.0.adhesive' => 'double-tape'] + self::GLUED, set: 93)
                ->blocked,
        );
        self::assertSame(
            [Blade::Card],
            array_values(
                array_unique(
                    array_map(
                        static fn(Pass $m): Blade => $m->way->blade,
                        self::passes(self::open(['body.frame' => 'plastic'])),
                    ),
                    \SORT_REGULAR,
                ),
            ),
        );
        self::assertNull(self::open(self::GLUED, set: 93)->limits->plasticFrame);
    }

    /**
     * Double tape of a folding phone: no heat that is safe, so the panel is saved by nothing and given up without
     * heat.
     */
    public function testDoubleTapeIsCutColdOnceThePanelIsGivenUp(): void
    {
        self::assertFalse(self::open(['bonds.0.adhesive' => 'double-tape'])->works());
        $cold = self::open(['bonds.0.adhesive' => 'double-tape'], old: OldPanel::GiveUp);
        self::assertTrue($cold->works());
        self::assertTrue($cold->isCold());
        self::assertSame(BreakPanel::class, self::kinds($cold)[0]);
        self::assertSame([], array_intersect(self::kinds($cold), [Heating::class, Alcohol::class]));
        self::assertEqualsWithDelta(1.5 * 1.5 / 2, self::passes($cold)[0]->way->pace, 1e-9);
        foreach ($cold->samples as $sample) {
            self::assertEqualsWithDelta(22.0, $sample->bond, 1e-6);
        }
    }

    public function testAlcoholComesOnceAfterTheLastHeatingAndOnlyWhereAdhesiveDrags(): void
    {
        self::assertNotContains(Alcohol::class, self::kinds(self::open([])));
        foreach ([90, 92, 94, 96] as $set) {
            $opening = self::open(self::GLUED, set: $set);
            if (!$opening->works()) {
                continue;
            }
            $kinds = self::kinds($opening);
            $at = array_keys($kinds, Alcohol::class, true);
            self::assertCount(1, $at, "at $set °C");
            self::assertNotContains(Heating::class, \array_slice($kinds, $at[0]), 'nothing wet is heated');
            self::assertContains(Pass::class, \array_slice($kinds, $at[0]));
            self::assertGreaterThanOrEqual($opening->window->low - 1.0, $opening->moves[$at[0]]->end->bond);
        }
        self::assertTrue(self::open(self::GLUED, set: 92)->works());
    }

    /**
     * Whatever source, glue, frame and wish: what is cut is exactly the edge that may be cut, each piece once, hot
     * enough, and never deeper than is safe.
     */
    public function testPassesCoverTheEdgeExactly(): void
    {
        $dice = new Dice(31);
        $worked = 0;
        for ($i = 0; $i < 40; ++$i) {
            $glue = $dice->pick(['precut-seal', 'foam-tape', 'strong-glue']);
            $phone = Phones::with('quillon-vesper', [
                'body.frame' => $dice->pick(['metal', 'plastic']),
                'bonds.0.adhesive' => $glue,
                'stacks.centre.layers.2.thickness' => $dice->float(0.2, 4),
            ]);
            $opening = (new OpeningPlanner())->plan(
                $phone,
                $phone->bonds['seal'],
                Condition::observed([]),
                new HeatBy(Source::plate($dice->float(75, 100)), $dice->pick(OldPanel::cases()), $dice->float(15, 30)),
            );
            if (!$opening->works()) {
                continue;
            }
            ++$worked;
            foreach ($phone->bonds['seal']->cut->stretches ?? [] as $stretch) {
                $pieces = array_values(
                    array_filter(
                        self::passes($opening),
                        static fn(Pass $m): bool => $m->way->stretch->id === $stretch->id,
                    ),
                );
                if ($stretch->forbidden) {
                    self::assertSame([], $pieces);
                    continue;
                }
                usort($pieces, static fn(Pass $a, Pass $b): int => $a->way->stretch->from <=> $b->way->stretch->from);
                $at = $stretch->from;
                foreach ($pieces as $piece) {
                    self::assertEqualsWithDelta($at, $piece->way->stretch->from, 1e-6);
                    self::assertGreaterThanOrEqual($opening->window->low - 1.5, $piece->end->bond);
                    self::assertLessThanOrEqual($stretch->behind === null ? 8.0 : $stretch->depth, $piece->way->depth);
                    $at = $piece->way->stretch->to;
                }
                self::assertEqualsWithDelta($stretch->to, $at, 1e-6);
            }
            self::assertFalse($opening->heatsAfterAlcohol());
        }
        self::assertGreaterThan(10, $worked);
    }

    /** @param list<string> $sides */
    #[DataProvider('hinges')]
    public function testTheRoundEndsBesideTheHinge(string $hinge, array $sides): void
    {
        $changes = ['bonds.0.cut.hinge' => $hinge];
        foreach (Phones::read('quillon-vesper')->bonds['seal']->cut->stretches ?? [] as $i => $stretch) {
            $changes["bonds.0.cut.stretches.$i.forbidden"] = $stretch->side->value === $hinge;
        }
        $phone = Phones::with('quillon-vesper', $changes);
        $passes = self::passes(
            (new OpeningPlanner())->plan(
                $phone,
                $phone->bonds['seal'],
                Condition::observed([]),
                new HeatBy(Source::plate(85)),
            ),
        );
        self::assertSame(
            $sides,
            array_values(array_unique(array_map(static fn(Pass $m): string => $m->way->stretch->side->value, $passes))),
        );
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function hinges(): iterable
    {
        yield 'right' => ['right', ['bottom', 'left', 'top']];
        yield 'left' => ['left', ['bottom', 'right', 'top']];
        yield 'top' => ['top', ['bottom', 'left', 'right']];
    }

    /** @return list<class-string<Move>> */
    private static function kinds(EdgeOpening $opening): array
    {
        return array_map(static fn(Move $m): string => $m::class, $opening->moves);
    }

    /** @return list<Pass> */
    private static function passes(EdgeOpening $opening): array
    {
        return array_values(array_filter($opening->moves, static fn(Move $m): bool => $m instanceof Pass));
    }

    /** @param array<string, mixed> $changes to the phone file */
    private static function open(array $changes, float $set = 85, OldPanel $old = OldPanel::Save): EdgeOpening
    {
        $phone = Phones::with('quillon-vesper', $changes + ['bonds.0.cut.stretches.0.behind' => null]);

        return (new OpeningPlanner())->plan(
            $phone,
            $phone->bonds['seal'],
            Condition::observed([]),
            new HeatBy(Source::plate($set), $old),
        );
    }
}
