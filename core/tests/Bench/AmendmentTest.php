<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\Aftermath;
use Facelift\Bench\Amendment;
use Facelift\Bench\Consequence;
use Facelift\Bench\EventType as T;
use Facelift\Bench\Trouble;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;
use PHPUnit\Framework\TestCase;

/** A plan written anew from where the phone stands, once and again. */
final class AmendmentTest extends TestCase
{
    private const PHONE = 'quillon-vesper';

    public function testTheSameTroubleTwiceGetsStepsOfItsOwn(): void
    {
        $bench = self::worked('unscrew:tail-screws');
        $stripped = self::consequence($bench->plan, 'unscrew:tail-screws', Trouble::ScrewStripped, 'tail-screws');
        $once = $bench->under((new Amendment($bench->run))->of($stripped));
        $twice = $once->under((new Amendment($once->run))->of($stripped));
        $left = array_values(array_diff(array_keys($twice->plan->steps), array_keys($bench->state()->done)));
        self::assertSame(
            ['extract-screw:tail-screws#2', 'extract-screw:tail-screws'],
            \array_slice($left, 0, 2),
            'the latest comes first',
        );
        self::assertCount(\count($bench->plan->steps) + 2, $twice->plan->steps);
        self::assertSame('waits-for', $twice->try(T::StepDone, ['step' => 'unscrew:tail-screws'])?->reason->code);
        $twice->workUpTo(null);
        self::assertNull($twice->next());
    }

    public function testNothingThatWasDoneIsWrittenAnew(): void
    {
        $bench = self::worked('part-bond:sensor-glue');
        $after = (new Amendment($bench->run))->of(
            self::consequence($bench->plan, 'part-bond:sensor-glue', Trouble::FlexTorn, 'earpiece-flex'),
        );
        $done = \count($bench->state()->done);
        self::assertGreaterThan(10, $done);
        self::assertSame(\array_slice($bench->plan->steps, 0, $done), \array_slice($after->steps, 0, $done));
        self::assertEquals($bench->plan->withSteps([]), $after->withSteps([]));
    }

    public function testANewPartIsAwaitedBeforeItIsFittedAndNothingElseWaitsForIt(): void
    {
        $bench = self::worked('part-bond:sensor-glue');
        $after = (new Amendment($bench->run))->of(
            self::consequence($bench->plan, 'part-bond:sensor-glue', Trouble::FlexTorn, 'earpiece-flex'),
        );
        $waiting = array_values(
            array_filter(
                $after->steps,
                static fn(Step $s): bool => \in_array('await-part:earpiece-flex', $s->after, true),
            ),
        );
        self::assertSame(['fit-part:earpiece-flex'], array_map(static fn(Step $s): string => $s->id, $waiting));
        self::assertSame('yes', $waiting[0]->act->figures['new']);
        // Work that does not need it goes on meanwhile.
        $run = $bench->under($after);
        self::assertNull($run->try(T::StepDone, ['step' => 'part-bond:sensor-glue']));
        self::assertNull($run->try(T::StepDone, ['step' => 'lift-part:earpiece-flex']));
    }

    public function testACoverThatGoesOnWithItsBondIsAwaitedBeforeThat(): void
    {
        $bench = Runs::of('maruvi-sorrel', K::DisplayAssembly);
        $bench->workUpTo('clip-shut:back-clips');
        $cover = new Consequence(
            Trouble::PartDead,
            'back-cover',
            [],
            [],
            'back-cover',
            false,
            true,
        );
        $after = (new Amendment($bench->run))->of($cover);
        self::assertContains('await-part:back-cover', $after->steps['clip-shut:back-clips']->after);
    }

    public function testAPartThatNeverCameOutIsAwaitedBeforeTheEnd(): void
    {
        $bench = self::worked('gate:dry');
        $fitted = array_merge(
            ...array_values(array_map(static fn(Step $s): array => $s->effects->parts->in, $bench->plan->steps)),
        );
        $never = array_values(array_diff(array_keys($bench->plan->basis->phone->parts), $fitted))[0];
        $dead = new Consequence(
            Trouble::PartDead,
            $never,
            [],
            [],
            $never,
            false,
            true,
        );
        $after = (new Amendment($bench->run))->of($dead);
        self::assertSame(["await-part:$never", 'gate:finished'], \array_slice(array_keys($after->steps), -2));
        $run = $bench->under($after);
        $run->workUpTo("await-part:$never");
        self::assertSame('waits-for', $run->try(T::StepDone, ['step' => 'gate:finished'])?->reason->code);
    }

    private static function worked(string $until): Runs
    {
        $bench = Runs::of(self::PHONE, K::DisplayAssembly);
        $bench->workUpTo($until);

        return $bench;
    }

    private static function consequence(Plan $plan, string $step, Trouble $trouble, string $subject): Consequence
    {
        $found = (new Aftermath($plan))->at($step, $trouble->value, $subject);
        self::assertNotNull($found);

        return $found;
    }
}
