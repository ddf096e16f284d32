<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Thing;
use Facelift\Anatomy\Tool;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Route\Pace;
use Facelift\Seal\Hold;
use Facelift\Seal\HoldBy;
use Facelift\Seal\SealPlan;

/**
 * The steps of a bond that its adhesive decides: laid in dry, laid, last liner, held. Times: common practice, no
 * source.
 *
 * @internal
 */
final readonly class SealSteps
{
    public function __construct(private Phone $phone, private Bond $bond, private SealPlan $seal) {}

    /** Without adhesive, before anything is peeled; null for a bond whose recess is not known. */
    public function dryFit(string $part): ?Step
    {
        return $this->seal->heights === null ? null : $this->step(StepKind::DryFit)
            ->saying(['name' => $part])
            ->noting(...$this->seal->heights->because())
            ->taking(40.0)
            ->minding(Hazard::NoPinch)
            ->because(new Reason('height-before-peeling'));
    }

    public function laid(): Step
    {
        $seal = $this->seal;
        $freed = array_map(
            fn(string $id): string => ($this->phone->openings[$id] ?? null)->name ?? $id,
            $seal->freed,
        );

        return $this->step(StepKind::LaySeal)
            ->saying(['name' => $this->bond->name, 'adhesive' => $seal->way->value ?? $seal->renewal->value])
            ->with($seal->pieces === [] && $seal->bead !== null ? Tool::FineTipTube : Tool::Tweezers)
            ->taking($this->seconds())
            ->noting(
                ...$seal->because,
                ...($freed === [] ? [] : [new Reason('leave-free', ['names' => implode(', ', $freed)])]),
            )
            ->because(new Reason('seal-renewed'));
    }

    /** Null where nothing has a liner. */
    public function lastLiner(): ?Step
    {
        return $this->seal->way?->hasLiner() !== true ? null : $this->step(StepKind::LastLiner)
            ->saying(['name' => $this->bond->name])
            ->with(Tool::Tweezers)
            ->taking(10.0)
            ->because(new Reason('last-liner-after-test'));
    }

    /** Null where it is pressed by hand alone. */
    public function held(): ?Step
    {
        $hold = $this->seal->hold;

        return $hold === null || $hold->clamp <= 0 ? null : $this->step(StepKind::Clamp)
            ->saying(['name' => $this->bond->name, 'minutes' => $hold->clamp, 'by' => $hold->by->value])
            ->noting(...self::notes($hold))
            ->taking(30.0, $hold->clamp * 60)
            ->because(new Reason('clamps-hold', ['minutes' => $hold->clamp]))
            ->leaving(Effects::none()->putting(Thing::Clamps));
    }

    public function released(): Step
    {
        $hold = $this->seal->hold;
        $light = $hold->light ?? 0.0;

        return $this->step(StepKind::Unclamp)
            ->saying(['name' => $this->bond->name])
            ->noting(
                ...($light > 0 ? [new Reason('lies-light', ['hours' => $light])] : []),
                ...($hold === null ? [] : [new Reason('carried-after', ['hours' => $hold->untilCarried()])]),
            )
            ->taking(20.0)
            ->because(new Reason('adhesive-grips'))
            ->leaving(Effects::none()->taking(Thing::Clamps));
    }

    /** @return list<Reason> */
    private static function notes(Hold $hold): array
    {
        return $hold->by === HoldBy::Clamps
            ? [new Reason('clamps-stand', ['count' => \count($hold->places)]), ...$hold->because]
            : $hold->because;
    }

    /** s of hands */
    private function seconds(): float
    {
        $seconds = \count($this->seal->pieces) * Pace::TAPE_STRIP + ($this->seal->bead?->seconds() ?? 0.0);

        return $this->seal->way?->takesSeal() === true || $seconds <= 0.0 ? $seconds + Pace::PRECUT_SEAL : $seconds;
    }

    private function step(StepKind $kind): Step
    {
        return Step::of($kind, $this->bond->face, $this->bond->id);
    }
}
