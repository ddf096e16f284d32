<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Anatomy\TrialOutcome;
use Facelift\Bench\CameOff;
use Facelift\Bench\EventType;
use Facelift\Bench\Repaired;
use PHPUnit\Framework\TestCase;

final class RepairedTest extends TestCase
{
    public function testItTellsWhatItTookAndHowItEnded(): void
    {
        $bench = Runs::of('quillon-vesper', ReplacementKind::DisplayAssembly);
        $bench->workUpTo('unscrew:bracket-middle');
        $bench->try(EventType::StepDone, ['step' => 'unscrew:bracket-middle'], 40);
        // Called away over lunch: what lay meanwhile did not take that long.
        $bench->try(EventType::StepDone, ['step' => 'unscrew:bracket-long'], 3600);
        $bench->workUpTo(null);
        $repair = Repaired::of($bench->run, 'T-0001', '2026-11-26');
        self::assertSame(TrialOutcome::Passed, $repair->trial);
        self::assertSame([], $repair->failed);
        $planned = array_filter($bench->plan->steps, static fn($s): bool => $s->kind()->value === 'unscrew');
        self::assertSame(\count($planned) - 1, $repair->steps['unscrew']->times, 'all but the one over lunch');
        self::assertLessThan(60, $repair->steps['unscrew']->seconds);
        self::assertSame(0, $repair->dragged);
    }

    public function testWhatCameOffIsInTheOrderInWhichItDidAndAScreenThatHangsIsNotOff(): void
    {
        $bench = Runs::of('quillon-vesper', ReplacementKind::DisplayAssembly);
        $bench->workUpTo('unplug:battery-plug');
        $off = CameOff::of($bench->run);
        self::assertSame(
            ['sim-tray', 'tail-screws', 'seal', 'bracket-short', 'bracket-middle', 'bracket-long', 'bracket'],
            $off,
        );
        $bench->workUpTo(null);
        self::assertContains('display', CameOff::of($bench->run));
        self::assertSame($off, \array_slice(CameOff::of($bench->run), 0, 7));
    }
}
