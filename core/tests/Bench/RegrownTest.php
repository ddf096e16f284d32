<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\PhoneReader;
use Facelift\Bench\Aftermath;
use Facelift\Bench\Amendment;
use Facelift\Bench\Dragged;
use Facelift\Bench\EventType;
use Facelift\Bench\Regrown;
use Facelift\Bench\Trouble;
use Facelift\Capture\Capture;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Facelift\Capture\Likeness;
use Facelift\Condition\Condition;
use Facelift\Cut\Pass;
use Facelift\Plan\Plan;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RegrownTest extends TestCase
{
    /**
     * Wherever the phone stands when more of it is known: what was done stays done, and the rest is worked to the end
     * without a refusal.
     */
    #[TestWith(['power-off'])]
    #[TestWith(['cut-pass:seal#2'])]
    #[TestWith(['unscrew:bracket-short'])]
    #[TestWith(['gate:trial'])]
    public function testWhatWasDoneStaysAndTheRestIsWorkedToTheEnd(string $until): void
    {
        $base = self::base();
        $bench = new Runs(Phones::planFor((new PhoneReader())->read($base)));
        $bench->workUpTo($until);
        $done = array_keys($bench->state()->done);
        $more = self::more();
        $known = (new PhoneReader())->read((new Capture($base))->of([$more]));
        $plan = (new Regrown($bench->run))->into(Phones::planFor($known));
        self::assertSame([], array_diff($done, array_keys($plan->steps)), 'every step that was done is in it');
        self::assertArrayHasKey('unscrew:' . $more->makes(), $plan->steps);
        $next = $bench->under($plan);
        self::assertSame($done, array_keys($next->state()->done));
        $next->workUpTo(null);
        self::assertNull($next->next());
        self::assertSame([], $next->run->astray());
    }

    /** What was made of an opening after the blade dragged stays, and so does what a trouble has asked for. */
    public function testAfterADragAndATroubleTheRestIsWorkedToTheEnd(): void
    {
        $base = self::base();
        $bench = new Runs(Phones::planFor((new PhoneReader())->read($base)));
        $bench->workUpTo('cut-pass:seal#3');
        $dragged = new Dragged($bench->run, Condition::observed([]), $bench->plan->basis->source);
        $now = $bench->event(EventType::Problem, [], 12)->at;
        $pass = $bench->plan->moveOf($bench->plan->steps['cut-pass:seal#3']);
        self::assertInstanceOf(Pass::class, $pass);
        $middle = ($pass->way->stretch->from + $pass->way->stretch->to) / 2;
        $after = $dragged->from('cut-pass:seal#3', $middle, $now);
        self::assertNotNull($after);
        $on = $bench->under($after);
        $on->try(EventType::StepDone, ['step' => 'cut-pass:seal#3', 'felt' => 'dragged']);

        $more = self::more();
        $grown = self::grown($on, [$more]);
        $moves = static fn(Plan $p): array => array_keys(array_filter(
            $p->steps,
            static fn($s): bool => $s->act->move?->bond === 'seal',
        ));
        self::assertSame($moves($on->plan), $moves($grown->plan), 'the opening goes on as it was planned anew');
        $grown->workUpTo('unscrew:' . $more->makes());
        $trouble = (new Aftermath($grown->plan))->at(
            'unscrew:' . $more->makes(),
            Trouble::ScrewStripped->value,
            $more->makes(),
        );
        self::assertNotNull($trouble);
        $stripped = $grown->under((new Amendment($grown->run))->of($trouble));
        $stripped->tell(EventType::Trouble, [
            'step' => 'unscrew:' . $more->makes(),
            'kind' => Trouble::ScrewStripped->value,
            'subject' => $more->makes(),
        ]);
        $again = self::grown($stripped, [$more, new Captured(
            '0000abcd-0000-4000-8000-000000000002',
            2,
            CaptureKind::NotThere,
            'mesh',
        )]);
        self::assertArrayHasKey('extract-screw:' . $more->makes(), $again->plan->steps, 'asked for again');
        self::assertArrayNotHasKey('lift-part:mesh', $again->plan->steps);
        $again->workUpTo(null);
        self::assertNull($again->next());
        self::assertSame([], $again->run->astray());
    }

    /** @param list<Captured> $said */
    private static function grown(Runs $bench, array $said): Runs
    {
        $known = (new PhoneReader())->read((new Capture(self::base()))->of($said));

        return $bench->under((new Regrown($bench->run))->into(Phones::planFor($known)));
    }

    private static function more(): Captured
    {
        return new Captured(
            '0000abcd-0000-4000-8000-000000000001',
            1,
            CaptureKind::MoreScrews,
            name: 'Earpiece screws, inner',
            under: ['earpiece-flex'],
            like: new Likeness(2),
        );
    }

    /** @return array<string, mixed> */
    private static function base(): array
    {
        $power = new Captured('0000aaaa-0000-4000-8000-000000000001', 0, CaptureKind::BatteryPlug, 'battery-plug');

        return (new Capture(Phones::provisional()))->of([$power]);
    }
}
