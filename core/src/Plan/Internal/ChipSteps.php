<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\MemoryChip;
use Facelift\Anatomy\Tool;
use Facelift\Chip\ChipOff;
use Facelift\Chip\ChipWork;
use Facelift\Chip\HotWork;
use Facelift\Chip\Solder;
use Facelift\Document\Reason;
use Facelift\Fit\DataWay;
use Facelift\Plan\Hazard;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Warmth;
use Facelift\Seal\Curing;

/**
 * The old display's chip on to the new one: only where the customer has chosen it, and after the data is kept.
 *
 * @internal
 */
final readonly class ChipSteps
{
    private const HOT = [Hazard::Fumes, Hazard::HotAir, Hazard::NoFlameIpa, Hazard::HeatBeside];

    private ?MemoryChip $chip;

    public function __construct(private Site $site)
    {
        $chosen = $site->request->data === DataWay::Chip;
        $this->chip = $chosen && (new DataSteps($site))->plug() !== null ? $site->phone->panel->data?->chip : null;
    }

    public function isChosen(): bool
    {
        return $this->chip !== null;
    }

    /** Writes nothing if nobody has chosen it. */
    public function write(): void
    {
        if ($this->chip === null) {
            return;
        }
        $work = ChipWork::of($this->chip);
        $light = Curing::usualLamp();
        foreach ([
            $this->off($work),
            $this->heated(
                StepKind::ChipLift,
                $work->liftSeconds(),
                $work->lift,
                Solder::LeadFree,
                'chip-lifted-from-the-old',
            ),
            $this->balls($work),
            $this->heated(
                StepKind::ChipSet,
                $work->setSeconds(),
                $work->set,
                Solder::LowTemperature,
                'chip-set-in-paste',
            ),
            $this->step(StepKind::ChipCool, 'chip-rests')->taking(0.0, (float) $work->cooling()),
            $this->step(StepKind::ChipCure, 'chip-held-by-resin')
                ->with(Tool::UvLamp)
                ->taking(60.0, $work->curing($light))
                ->minding(Hazard::Uv, Hazard::Fumes),
        ] as $step) {
            $this->site->inPhase(Phase::MoveOver, $step);
        }
    }

    private function off(ChipWork $work): Step
    {
        if ($work->way === ChipOff::HotAir) {
            return $this->heated(
                StepKind::ChipOff,
                $work->offSeconds(),
                $work->lift,
                Solder::LeadFree,
                'chip-off-with-air',
            );
        }
        $yellow = $work->lift === null
            ? new Reason('chip-air-does-not-lift')
            : new Reason('chip-air-would-yellow', ['behind' => round($work->lift->behind)]);

        return $this->step(StepKind::ChipOff, 'chip-milled-off')
            ->saying(['name' => $work->chip->name, 'passes' => $work->passes()])
            ->with(Tool::ChipMill)
            ->taking($work->offSeconds())
            ->minding(Hazard::Dust, Hazard::Eyes)
            ->because($yellow);
    }

    private function balls(ChipWork $work): Step
    {
        return $this->step(StepKind::ChipBalls, 'chip-new-balls')
            ->saying(['name' => $work->chip->name, 'balls' => $work->chip->balls, 'mm' => $work->ball()])
            ->with(Tool::BallStencil)
            ->taking($work->ballSeconds())
            ->minding(Hazard::Fumes, Hazard::NoFlameIpa);
    }

    private function heated(
        StepKind $kind,
        float $hands,
        ?HotWork $air,
        Solder $solder,
        string $why,
    ): Step {
        $step = $this->step($kind, $why)
            ->with(Tool::HotAir)
            ->taking($hands)
            ->warming(Warmth::Beside)
            ->minding(...self::HOT);
        if ($air === null || $this->chip === null) {
            return $step;
        }
        [$weak, $strong] = $air->band($this->chip, $solder);

        return $step->saying([
            'name' => $this->chip->name,
            'set' => $air->jet->set,
            'least' => $strong->seconds ?? $air->seconds,
            'seconds' => $air->seconds,
            // A weaker nozzle may not do it at all.
            'most' => $weak === null ? HotWork::LONGEST : $weak->seconds,
            'behind' => round($air->behind),
            'beside' => round($air->beside),
            'shielded' => $air->shielded ? 'yes' : 'no',
        ]);
    }

    private function step(StepKind $kind, string $why): Step
    {
        $chip = $this->chip->name ?? '';
        $plug = (new DataSteps($this->site))->plug();

        return Step::of($kind, $this->site->steps->face(), $plug->joins[0] ?? '')
            ->saying(['name' => $chip])
            ->because(new Reason($why, ['name' => $chip]));
    }
}
