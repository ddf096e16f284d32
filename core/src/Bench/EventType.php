<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** What can happen at the bench. */
enum EventType: string
{
    case StepDone = 'step-done';
    case Undo = 'undo';
    case TimerStarted = 'timer-started';
    case Wetted = 'wetted';
    case Dried = 'dried';
    case ExtraHeat = 'extra-heat';
    case Battery = 'battery';
    case Test = 'test';
    case GateWaived = 'gate-waived';
    case Problem = 'problem';
    case Reading = 'reading';
    case Rung = 'rung';
    case Screw = 'screw';
    case Trouble = 'trouble';
    /** A look for what is behind a failed test was made. */
    case Looked = 'looked';
    /** Something happened to the old display's data: see `DataState`. */
    case Data = 'data';

    /** False for what changes nothing that stands: a trouble changes the plan; notes, readings and looks are told. */
    public function isFolded(): bool
    {
        return !\in_array($this, [self::Trouble, self::Problem, self::Reading, self::Looked], true);
    }
}
