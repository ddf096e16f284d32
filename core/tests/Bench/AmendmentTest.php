<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\Aftermath;
use Facelift\Bench\Amendment;
use Facelift\Bench\BenchPlan;
use Facelift\Bench\Consequence;
use Facelift\Bench\EventType as T;
use Facelift\Bench\Trouble;
use Facelift\Plan\PlanDocument;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/** A plan written anew from where the phone stands, once and again. */
final class AmendmentTest extends TestCase
{
    private const PHONE = 'quillon-vesper';

    public function testTheSameTroubleTwiceGetsStepsOfItsOwn(): void
    {
        [$document, $bench] = $this->worked('unscrew:tail-screws');
        $stripped = $this->consequence($document, 'unscrew:tail-screws', Trouble::ScrewStripped, 'tail-screws');
        $once = (new Amendment())->of($document, $bench->state(), $stripped);
        $twice = (new Amendment())->of($once, $bench->state(), $stripped);
        self::assertSame(['extract-screw:tail-screws#2', 'extract-screw:tail-screws'], \array_slice(self::left($twice, $bench), 0, 2), 'the latest comes first');
        self::assertSame(\count(self::ids($document)) + 2, \count(array_unique(self::ids($twice))));
        $after = new Runs(BenchPlan::of($twice, 'battery-plug'));
        $after->events = $bench->events;
        $after->forward($bench);
        self::assertSame('waits-for', $after->try(T::StepDone, ['step' => 'unscrew:tail-screws'])?->reason->code);
        $after->workUpTo(null);
        self::assertNull($after->state()->next($after->plan));
    }

    public function testNothingThatWasDoneIsWrittenAnew(): void
    {
        [$document, $bench] = $this->worked('part-bond:sensor-glue');
        $torn = $this->consequence($document, 'part-bond:sensor-glue', Trouble::FlexTorn, 'earpiece-flex');
        $after = (new Amendment())->of($document, $bench->state(), $torn);
        $done = \count($bench->state()->done);
        self::assertGreaterThan(10, $done);
        self::assertSame(\array_slice(self::steps($document), 0, $done), \array_slice(self::steps($after), 0, $done));
        foreach (array_diff(array_keys($document), ['steps']) as $key) {
            self::assertSame($document[$key], $after[$key], (string) $key);
        }
    }

    public function testANewPartIsAwaitedBeforeItIsFittedAndNothingElseWaitsForIt(): void
    {
        [$document, $bench] = $this->worked('part-bond:sensor-glue');
        $torn = $this->consequence($document, 'part-bond:sensor-glue', Trouble::FlexTorn, 'earpiece-flex');
        $after = (new Amendment())->of($document, $bench->state(), $torn);
        $waiting = array_values(array_filter(self::steps($after), static fn(array $s): bool => \is_array($s['after']) && \in_array('await-part:earpiece-flex', $s['after'], true)));
        self::assertSame(['fit-part:earpiece-flex'], array_column($waiting, 'id'));
        $figures = $waiting[0]['figures'];
        self::assertIsArray($figures);
        self::assertSame('yes', $figures['new']);
        // Work that does not need it goes on meanwhile.
        $run = new Runs(BenchPlan::of($after, 'battery-plug'));
        $run->events = $bench->events;
        $run->forward($bench);
        self::assertNull($run->try(T::StepDone, ['step' => 'part-bond:sensor-glue']));
        self::assertNull($run->try(T::StepDone, ['step' => 'lift-part:earpiece-flex']));
    }

    public function testAPartThatNeverCameOutIsAwaitedBeforeTheEnd(): void
    {
        [$document, $bench] = $this->worked('gate:dry');
        $phone = Phones::read(self::PHONE);
        $never = array_values(array_filter(array_keys($phone->parts), static fn(string $id): bool => !\in_array("fit-part:$id", self::ids($document), true)))[0];
        $dead = new Consequence(Trouble::PartDead, $never, [], [], $never, false, true);
        $after = (new Amendment())->of($document, $bench->state(), $dead);
        self::assertSame(["await-part:$never", 'gate:finished'], \array_slice(self::ids($after), -2));
        $run = new Runs(BenchPlan::of($after, 'battery-plug'));
        $run->events = $bench->events;
        $run->forward($bench);
        $run->workUpTo("await-part:$never");
        self::assertSame('waits-for', $run->try(T::StepDone, ['step' => 'gate:finished'])?->reason->code);
    }

    /** @return array{array<string, mixed>, Runs} a plan document and a run of it up to a step */
    private function worked(string $until): array
    {
        $document = json_decode(json_encode((new PlanDocument())->write(Phones::plan(self::PHONE, K::DisplayAssembly)), \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);
        \assert(\is_array($document));
        $bench = Runs::of(self::PHONE, K::DisplayAssembly);
        $bench->workUpTo($until);

        /** @var array<string, mixed> $document */
        return [$document, $bench];
    }

    /** @param array<string, mixed> $document */
    private function consequence(array $document, string $step, Trouble $trouble, string $subject): Consequence
    {
        $found = (new Aftermath(Phones::read(self::PHONE), BenchPlan::of($document, 'battery-plug')))->at($step, $trouble->value, $subject);
        self::assertNotNull($found);

        return $found;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return list<array<mixed>>
     */
    private static function steps(array $document): array
    {
        return array_values(array_filter(\is_array($document['steps']) ? $document['steps'] : [], \is_array(...)));
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return list<string>
     */
    private static function ids(array $document): array
    {
        return array_values(array_filter(array_column(self::steps($document), 'id'), \is_string(...)));
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return list<string>
     */
    private static function left(array $document, Runs $bench): array
    {
        return array_values(array_diff(self::ids($document), array_keys($bench->state()->done)));
    }
}
