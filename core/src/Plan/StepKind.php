<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** What a step is. The interface words it. */
enum StepKind: string
{
    case PowerOff = 'power-off';
    case TakeOut = 'take-out';
    case TapeGlass = 'tape-glass';
    case Heat = 'heat';
    case Reheat = 'reheat';
    case Cool = 'cool';
    case Alcohol = 'alcohol';
    case FirstGap = 'first-gap';
    case CutPass = 'cut-pass';
    case Lift = 'lift';
    case Unscrew = 'unscrew';
    case Unplug = 'unplug';
    case LiftPart = 'lift-part';
    case PartBond = 'part-bond';
    case Unclip = 'unclip';
    case WarmBattery = 'warm-battery';
    case BreakPanel = 'break-panel';
    case InspectNew = 'inspect-new';
    case TrialConnect = 'trial-connect';
    case Gate = 'gate';
    case TrialOff = 'trial-off';
    case ProvePanel = 'prove-panel';
    case SetAside = 'set-aside';
    /** What only the screen held is kept, so that it does not fall out. */
    case KeepLoose = 'keep-loose';
    case WarmGlass = 'warm-glass';
    case FreeCurve = 'free-curve';
    case PartGlass = 'part-glass';
    case CleanPanel = 'clean-panel';
    case Laminate = 'laminate';
    case CureUv = 'cure-uv';
    case ReadMemory = 'read-memory';
    case WriteMemory = 'write-memory';
    /** The new panel's own chip comes off. */
    case ChipOff = 'chip-off';
    case ChipLift = 'chip-lift';
    case ChipBalls = 'chip-balls';
    case ChipSet = 'chip-set';
    case ChipCool = 'chip-cool';
    case ChipCure = 'chip-cure';
    /** The old chip goes back on the old panel, so that its data can be read. */
    case ChipBack = 'chip-back';
    case PrepareNew = 'prepare-new';
    case CompareOld = 'compare-old';
    case RemoveLeft = 'remove-left';
    case TakeShards = 'take-shards';
    case CleanLedge = 'clean-ledge';
    case CheckRidge = 'check-ridge';
    case ConfirmDry = 'confirm-dry';
    case DryFit = 'dry-fit';
    case LaySeal = 'lay-seal';
    case PlaceLoose = 'place-loose';
    case CheckUnder = 'check-under';
    case CheckLoose = 'check-loose';
    case LastLiner = 'last-liner';
    case FitNew = 'fit-new';
    case FitPart = 'fit-part';
    /** A cover that hangs on its flex beside the phone until its bond is shut. */
    case HangPart = 'hang-part';
    case RenewBond = 'renew-bond';
    case PlugIn = 'plug-in';
    case ScrewIn = 'screw-in';
    case LeftOver = 'left-over';
    case ClipShut = 'clip-shut';
    case CloseBond = 'close-bond';
    case Clamp = 'clamp';
    case Unclamp = 'unclamp';
    case PutBack = 'put-back';
    case TakeOff = 'take-off';
    case Charge = 'charge';
    case IsolateCell = 'isolate-cell';
    case AwaitPart = 'await-part';
    case ExtractScrew = 'extract-screw';
    case FindScrew = 'find-screw';
    case CheckBoard = 'check-board';

    /** Work on a display's chip. */
    public function isOfTheChip(): bool
    {
        return match ($this) {
            self::ChipOff, self::ChipLift, self::ChipBalls, self::ChipSet, self::ChipCool, self::ChipCure => true,
            default => false,
        };
    }

    /** A time on a source of heat. */
    public function isHeating(): bool
    {
        return $this === self::Heat || $this === self::Reheat;
    }

    /** Shuts something that a forgotten screw could no longer be put under. */
    public function closes(): bool
    {
        return match ($this) {
            self::CloseBond, self::ClipShut, self::PutBack => true,
            default => false,
        };
    }

    /** The new part lies in its adhesive from here on: no supplier takes it back. */
    public function glues(): bool
    {
        return $this === self::CloseBond || $this === self::Laminate;
    }

    /** Its clock has to run out: to end it early changes what the work is worth. */
    public function mustRun(): bool
    {
        return match ($this) {
            self::Heat,
            self::Reheat,
            self::WarmBattery,
            self::Cool,
            self::ConfirmDry,
            self::Clamp,
            self::CureUv,
            self::ChipCool,
            self::ChipCure,
            self::WarmGlass => true,
            default => false,
        };
    }

    /** What is asked when it is ended early. */
    public function earlyCode(): string
    {
        return match ($this) {
            self::ConfirmDry => 'early-dry',
            self::Clamp => 'early-clamp',
            self::CureUv, self::ChipCure => 'early-cure',
            self::Cool, self::ChipCool => 'early-cool',
            default => 'early-warm',
        };
    }
}
