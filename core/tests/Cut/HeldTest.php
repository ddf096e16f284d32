<?php

declare(strict_types=1);

namespace Facelift\Tests\Cut;

use Facelift\Anatomy\Bond;
use Facelift\Condition\Condition;
use Facelift\Cut\Cooling;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\FirstGap;
use Facelift\Cut\HeatBy;
use Facelift\Cut\Heating;
use Facelift\Cut\Move;
use Facelift\Cut\OpeningPlanner;
use Facelift\Cut\Pass;
use Facelift\Fit\OldPanel;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\Approach;
use Facelift\Heat\Curves;
use Facelift\Heat\HeatedSpan;
use Facelift\Heat\HeatRecord;
use Facelift\Heat\Source;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever source, way and wish: no limit passed, every stretch once, every pass likely enough. */
final class HeldTest extends TestCase
{
    /** @return iterable<string, array{string, string}> every bond of every shipped phone that is cut round */
    public static function bonds(): iterable
    {
        foreach (Phones::ids() as $phone) {
            foreach (Phones::read($phone)->bonds as $bond) {
                if ($bond->cut !== null && $bond->warming !== null) {
                    yield "$phone {$bond->id}" => [$phone, $bond->id];
                }
            }
        }
    }

    #[DataProvider('bonds')]
    public function testNoPlanPassesALimitInNineteenOfTwentyCases(string $phone, string $id): void
    {
        $dice = new Dice(crc32($phone . $id));
        $bond = Phones::read($phone)->bonds[$id];
        $tried = 0;
        for ($i = 0; $i < 8; ++$i) {
            $old = $dice->pick(OldPanel::cases());
            $opening = self::planned($phone, $bond, $dice, $old);
            $worst = $opening->worst ?? self::fail('a plan tells its worst');
            $limits = $opening->limits;
            self::assertLessThanOrEqual($limits->batteryStop, $worst->battery);
            self::assertLessThanOrEqual($limits->panel, $worst->panel);
            self::assertTrue($limits->plasticSoft === null || $worst->frame <= $limits->plasticSoft);
            ++$tried;
        }
        self::assertSame(8, $tried);
    }

    #[DataProvider('bonds')]
    public function testEveryStretchIsCutOnceAndEveryPassIsLikelyEnough(string $phone, string $id): void
    {
        $dice = new Dice(crc32($id . $phone));
        $bond = Phones::read($phone)->bonds[$id];
        for ($i = 0; $i < 6; ++$i) {
            $opening = self::planned($phone, $bond, $dice, OldPanel::Save);
            if (!$opening->works()) {
                continue;
            }
            foreach ($bond->cut->stretches ?? [] as $stretch) {
                $cut = array_map(
                    static fn(Pass $p): float => $p->way->stretch->length(),
                    self::passes($opening, $stretch->id),
                );
                self::assertEqualsWithDelta($stretch->forbidden ? 0.0 : $stretch->length(), array_sum($cut), 1e-6);
            }
            foreach (self::passes($opening, null) as $pass) {
                self::assertGreaterThanOrEqual(0.8 - 1e-9, $pass->chance);
            }
        }
        self::assertNotSame([], $bond->cut->stretches ?? []);
    }

    public function testWhoWantsMoreMarginRisksLess(): void
    {
        foreach ([Source::plate(95), Source::hotAir(150, 30, 150)] as $source) {
            $before = 0.0;
            foreach ([0.6, 0.8, 0.95] as $chance) {
                $opening = self::open('quillon-vesper', 'seal', new HeatBy($source, chance: $chance));
                self::assertTrue($opening->works());
                $least = min(1.0, ...array_map(
                    static fn(Pass $p): float => $p->chance ?? 0.0,
                    self::passes($opening, null),
                ));
                self::assertGreaterThanOrEqual($chance - 1e-9, $least);
                self::assertGreaterThanOrEqual($before - 1e-9, $opening->chance);
                $before = (float) $opening->chance;
            }
        }
    }

    /** A hotter source never makes the first pass slower. */
    public function testHotterIsNotSlower(): void
    {
        $pace = 0.0;
        foreach ([82.0, 85.0, 90.0, 95.0, 100.0] as $set) {
            $opening = self::open('quillon-vesper', 'seal', new HeatBy(Source::plate($set)));
            $first = self::passes($opening, null)[0] ?? null;
            self::assertNotNull($first, "$set °C");
            self::assertGreaterThanOrEqual($pace - 0.05, $first->way->pace, "$set °C");
            $pace = $first->way->pace;
        }
    }

    /** What is held does not cool: the strongest glue takes a few heatings held and cannot be had otherwise. */
    public function testStrongGlueIsHadByHoldingTheGun(): void
    {
        $gun = Source::hotAir(150, 30, 150);
        self::assertFalse(self::open('maruvi-sorrel', 'bezel-glue', new HeatBy($gun))->works());
        $held = self::open('maruvi-sorrel', 'bezel-glue', new HeatBy(
            $gun,
            approach: Approach::held(Source::plate(95)),
        ));
        self::assertLessThanOrEqual(7, $held->heatings());
        self::assertTrue($held->moves[0] instanceof Heating && $held->moves[0]->preheat);
        foreach (self::passes($held, null) as $pass) {
            self::assertNotNull($pass->keptAt);
            self::assertGreaterThan($held->window->low, $pass->end->bond);
        }
        self::assertFalse($held->heatsAfterAlcohol());
        self::assertCount(\count($held->moves), $held->phases, 'a phase a move, for who follows the plan by its clock');
    }

    public function testABagGoesBackIntoTheMicrowaveBeforeItHeatsAgain(): void
    {
        $bag = new HeatBy(Source::bagAt(1.0, 90.0), state: AdhesiveState::Aged);
        $opening = self::open('quillon-vesper', 'seal', $bag);
        self::assertTrue($opening->works());
        self::assertGreaterThan(1, $opening->heatings());
        $waits = array_filter($opening->moves, static fn(Move $m): bool => $m instanceof Cooling && $m->sourceIsCold);
        self::assertNotSame([], $waits);
        // 1 kg of grain from 22 to 90 °C at 350 W takes 350 s; the passes before it went by meanwhile.
        foreach ($waits as $wait) {
            self::assertLessThan(349.8, $wait->seconds);
            self::assertGreaterThan(120.0, $wait->seconds);
        }
    }

    /** The joint between plan and bench: worked to the second as planned, the bench comes to the same temperatures. */
    public function testWorkedAsPlannedTheBenchReckonsTheSame(): void
    {
        $phone = Phones::read('maruvi-sorrel');
        $bond = $phone->bonds['bezel-glue'];
        [$gun, $plate] = [Source::hotAir(150, 30, 150), Source::plate(95)];
        $opening = self::open('maruvi-sorrel', 'bezel-glue', new HeatBy($gun, approach: Approach::held($plate)));
        $clock = 0.0;
        $spans = $ends = [];
        foreach ($opening->moves as $move) {
            $by = $move instanceof Heating && $move->preheat ? $plate : null;
            $next = ($move instanceof Heating && $move->elsewhere) || ($move instanceof Pass && $move->next);
            $keptAt = $move instanceof Pass || $move instanceof FirstGap ? $move->keptAt : null;
            $spans[] = new HeatedSpan(
                $clock,
                $clock + $move->seconds,
                $next,
                $keptAt,
                $by,
            );
            $clock += $move->seconds;
            $ends[] = [$clock, $move->end];
        }
        $record = new HeatRecord(0, $spans === [] ? self::fail('no moves') : $spans, false, []);
        $samples = Curves::of($phone, $bond)->run($record->programme($gun, $clock), 2.0);
        foreach ($ends as [$at, $end]) {
            foreach ($samples as $sample) {
                if (abs($sample->second - $at) <= 1.0) {
                    self::assertEqualsWithDelta($end->bond, $sample->bond, 3.0, "at $at s");
                    self::assertEqualsWithDelta($end->battery, $sample->battery, 1.0, "at $at s");
                }
            }
        }
        self::assertGreaterThan(10, \count($ends));
    }

    private static function planned(string $phone, Bond $bond, Dice $dice, OldPanel $old): EdgeOpening
    {
        $air = Source::hotAir($dice->float(90, 180), $dice->float(20, 80), $dice->float(40, 300));
        $before = $dice->pick([null, Source::plate($dice->float(70, 110))]);
        $heat = $dice->pick([
            new HeatBy(Source::plate($dice->float(70, 120)), $old, $dice->float(15, 30)),
            new HeatBy(Source::bagAt($dice->float(0.3, 2.0), $dice->float(60, 100)), $old),
            new HeatBy($air, $old),
            new HeatBy($air, $old, approach: Approach::held($before)),
            new HeatBy($air, $old, approach: Approach::liftAndCut($before)),
        ]);

        return self::open($phone, $bond->id, $heat);
    }

    private static function open(string $phone, string $bond, HeatBy $heat): EdgeOpening
    {
        $read = Phones::read($phone);

        return (new OpeningPlanner())->plan($read, $read->bonds[$bond], Condition::observed([]), $heat);
    }

    /** @return list<Pass> */
    private static function passes(EdgeOpening $opening, ?string $stretch): array
    {
        return array_values(array_filter(
            $opening->moves,
            static fn(Move $m): bool => $m instanceof Pass && ($stretch === null || $m->way->stretch->id === $stretch),
        ));
    }
}
