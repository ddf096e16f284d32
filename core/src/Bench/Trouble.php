<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Plan\StepKind;

/** What can go wrong at the bench, and at which kinds of step. */
enum Trouble: string
{
    case FlexTorn = 'flex-torn';
    case ScrewStripped = 'screw-stripped';
    case ScrewLost = 'screw-lost';
    case Delamination = 'delamination';
    case ConnectorDamaged = 'connector-damaged';
    case PartDead = 'part-dead';
    case CellBent = 'cell-bent';
    /** The old chip does not come off whole, or the new display does not work with it. */
    case ChipFailed = 'chip-failed';

    /** True if it can happen at a step of this kind. */
    public function belongsTo(StepKind $kind): bool
    {
        $at = match ($this) {
            self::FlexTorn => [
                StepKind::FirstGap,
                StepKind::CutPass,
                StepKind::Lift,
                StepKind::LiftPart,
                StepKind::Unplug,
                StepKind::PartBond,
                StepKind::PlugIn,
                StepKind::FitPart,
                StepKind::HangPart,
                StepKind::CloseBond,
                StepKind::ClipShut,
            ],
            self::ScrewStripped, self::ScrewLost => [StepKind::Unscrew, StepKind::ScrewIn],
            self::Delamination => [
                StepKind::Heat,
                StepKind::Reheat,
                StepKind::FirstGap,
                StepKind::CutPass,
                StepKind::Lift,
                StepKind::Clamp,
                StepKind::Unclamp,
                StepKind::PartGlass,
            ],
            self::ConnectorDamaged => [
                StepKind::Unplug,
                StepKind::PlugIn,
                StepKind::TrialConnect,
                StepKind::TrialOff,
            ],
            self::ChipFailed => [
                StepKind::ChipLift,
                StepKind::ChipBalls,
                StepKind::ChipSet,
                StepKind::ChipCool,
                StepKind::ChipCure,
                StepKind::Gate,
            ],
            self::PartDead => [StepKind::Gate, StepKind::TrialConnect],
            self::CellBent => [
                StepKind::Unplug,
                StepKind::WarmBattery,
                StepKind::PartBond,
                StepKind::LiftPart,
                StepKind::FitPart,
            ],
        };

        return \in_array($kind, $at, true);
    }
}
