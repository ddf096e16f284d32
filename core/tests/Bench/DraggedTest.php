<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\Dragged;
use Facelift\Bench\EventType;
use Facelift\Condition\Condition;
use Facelift\Cut\Pass;
use Facelift\Plan\Plan;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\PlanReader;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Tests\Dice;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A blade that drags: what is through stays through, and the rest is planned from how warm the phone is. */
final class DraggedTest extends TestCase
{
    #[TestWith(['quillon-vesper', 'seal'])]
    #[TestWith(['brasca-fern-5', 'back-seal'])]
    #[TestWith(['brasca-fern-5', 'display-tape'])]
    #[TestWith(['maruvi-sorrel', 'bezel-glue'])]
    public function testWhatIsLeftIsCutOnceAndTheJobGoesOnToItsEnd(string $phone, string $bond): void
    {
        $dice = new Dice(crc32($phone . $bond));
        $bench = Runs::of($phone, K::DisplayAssembly);
        $passes = self::passesOf($bench->plan, $bond);
        $at = $passes[$dice->int(0, \count($passes) - 1)];
        $bench->workUpTo($at->id);
        [$plan, $mm] = self::drag($bench, $at, 0.4);
        $whole = self::lengths($bench->plan, $bond);
        self::assertEqualsWithDelta($whole, self::lengths($plan, $bond), 1.0, 'each mm once');
        self::assertNotSame([], array_diff_key($plan->steps, $bench->plan->steps), 'steps of its own');
        $made = $plan->moveOf($plan->steps[$at->id]);
        self::assertInstanceOf(Pass::class, $made);
        self::assertTrue($made->way->stretch->from === $mm || $made->way->stretch->to === $mm);

        // What comes next is heat, and the rest of the job goes on as it would have.
        $on = $bench->under($plan);
        self::assertNull($on->arrive($on->event(EventType::StepDone, ['step' => $at->id, 'felt' => 'dragged'])));
        $next = $plan->steps[(string) $on->next()];
        self::assertTrue($next->kind()->isHeating() || $next->kind() === StepKind::Cool, $next->id);
        $on->workUpTo(null);
        self::assertNull($on->next());
        self::assertSame([], $on->run->astray());
    }

    public function testItIsTakenToPartHotterThanWhereItDragged(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $at = self::passesOf($bench->plan, 'seal')[0];
        $bench->workUpTo($at->id);
        [$plan] = self::drag($bench, $at, 0.5);
        $before = $bench->plan->sealing->openings['seal'];
        $after = $plan->sealing->openings['seal'];
        self::assertGreaterThan($before->window->low, $after->window->low);
        self::assertLessThanOrEqual($before->window->low + 6.0, $after->window->low);
        foreach ($after->moves as $i => $move) {
            $later = $i > ($at->act->move->index ?? 0);
            self::assertTrue(!$later || !$move instanceof Pass || $move->chance >= 0.8 - 1e-9);
        }
        self::assertLessThanOrEqual(60.0, $after->worst?->battery);
        // It is a plan like any other: written and read back it is the same.
        $document = json_decode((new PlanDocument())->json($plan), true, 64, \JSON_THROW_ON_ERROR);
        $read = (new PlanReader())->read($document, $plan->basis->phone);
        self::assertEquals($plan->steps, $read->steps);
    }

    public function testHeldAtItsVeryStartThePassIsPlannedAgainWhole(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $at = self::passesOf($bench->plan, 'seal')[1];
        $bench->workUpTo($at->id);
        [$plan, $mm] = self::drag($bench, $at, 0.0);
        self::assertArrayNotHasKey($at->id, $plan->steps);
        self::assertFalse(self::dragged($bench)->isBegun($at->id, $mm));
        self::assertEqualsWithDelta(self::lengths($bench->plan, 'seal'), self::lengths($plan, 'seal'), 0.3);
    }

    public function testOnlyThePassAtHandCanDrag(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $passes = self::passesOf($bench->plan, 'seal');
        $bench->workUpTo($passes[0]->id);
        self::assertTrue(self::dragged($bench)->canBeAt($passes[0]->id));
        self::assertFalse(self::dragged($bench)->canBeAt($passes[1]->id));
        self::assertFalse(self::dragged($bench)->canBeAt('power-off'));
        $torn = Runs::of('ondrel-gatefold', K::DisplayAssembly);
        $cold = self::passesOf($torn->plan, 'outer-tape')[0];
        $torn->workUpTo($cold->id);
        self::assertFalse(self::dragged($torn)->canBeAt($cold->id), 'what is torn cold has no heat to plan again');
    }

    /** @return array{Plan, float} the plan anew, and where the blade stood */
    private static function drag(Runs $bench, Step $at, float $share): array
    {
        $pass = $bench->plan->moveOf($at);
        self::assertInstanceOf(Pass::class, $pass);
        $stretch = $pass->way->stretch;
        $forward = $stretch->from + $share * $stretch->length();
        $back = $stretch->to - $share * $stretch->length();
        $now = $bench->event(EventType::Problem, [], 12)->at;
        $dragged = self::dragged($bench);
        $mm = $dragged->isBegun($at->id, $share > 0.0 ? $forward : $stretch->from)
            || !$dragged->isBegun($at->id, $stretch->from) && $share > 0.0 ? $forward : $back;
        if ($share === 0.0) {
            $mm = $dragged->isBegun($at->id, $stretch->from) ? $stretch->to : $stretch->from;
        }
        $plan = $dragged->from($at->id, $mm, $now);
        self::assertNotNull($plan);

        return [$plan, $mm];
    }

    private static function dragged(Runs $bench): Dragged
    {
        return new Dragged($bench->run, Condition::observed([]), $bench->plan->basis->source);
    }

    /** @return non-empty-list<Step> */
    private static function passesOf(Plan $plan, string $bond): array
    {
        $passes = array_values(array_filter(
            $plan->steps,
            static fn(Step $s): bool => $s->act->move?->bond === $bond && $plan->moveOf($s) instanceof Pass,
        ));

        return $passes === [] ? self::fail("no pass at $bond") : $passes;
    }

    private static function lengths(Plan $plan, string $bond): float
    {
        $sum = 0.0;
        foreach (self::passesOf($plan, $bond) as $step) {
            $move = $plan->moveOf($step);
            $sum += $move instanceof Pass ? $move->way->stretch->length() : 0.0;
        }

        return $sum;
    }
}
