<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Place;
use Facelift\Anatomy\Tool;
use Facelift\Cut\GlassMove;
use Facelift\Cut\GlassParting;
use Facelift\Cut\GlassPlanner;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Apart\Drying;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Warmth;
use Facelift\Seal\Curing;
use Facelift\Seal\GlassLaying;
use Facelift\Seal\Light;

/**
 * The old glass comes off the phone's own panel and the new one goes on. Times: common practice, no source.
 *
 * @internal
 */
final readonly class NewGlass implements Writer
{
    /** s: more is not waited for, a weight is laid on (common practice, no source) */
    private const LONGEST_SPREAD = 1800.0;

    public function __construct(private Site $site, private GlassParting $glass) {}

    public function write(array $after): string
    {
        $this->add($this->warmed());
        $section = 0;
        foreach ($this->glass->moves as $move) {
            $this->add(
                $move->curve === null ? $this->section($move, ++$section) : $this->curve($move, $move->curve->value),
            );
        }
        $this->add($this->cleaned());
        $dry = Drying::step(Place::Edge, $this->panel()[0] ?? '', Face::Front);
        $this->add($dry->because(new Reason('adhesive-needs-dry')));
        $this->add($this->laid());

        return $this->add($this->cured());
    }

    private function warmed(): Step
    {
        $window = ['low' => GlassPlanner::LOW, 'high' => GlassPlanner::HIGH];

        return $this->step(StepKind::WarmGlass)
            ->saying(['set' => $this->glass->set, 'bond' => round($this->glass->laminate, 1)] + $window)
            ->with(Tool::SeparatorPlate)
            ->taking(20.0, $this->glass->warm)
            ->minding(Hazard::HotPlate, Hazard::NoFlameIpa)
            ->warming(Warmth::Beside)
            ->because(new Reason('laminate-parts-warm'));
    }

    private function curve(GlassMove $move, string $side): Step
    {
        return $this->parting(StepKind::FreeCurve, $move, ['side' => $side])
            ->minding(Hazard::BrokenGlass, Hazard::HotPlate)
            ->because(new Reason('curve-before-wire'));
    }

    private function section(GlassMove $move, int $number): Step
    {
        return $this->parting(StepKind::PartGlass, $move, ['section' => $number, 'sections' => GlassPlanner::SECTIONS])
            ->minding(Hazard::BrokenGlass, Hazard::HotPlate, Hazard::NoFlameIpa)
            ->because(
                new Reason($number === 1 ? 'away-from-the-flexes' : 'one-section-after-the-other'),
                new Reason('panel-bears', ['percent' => (int) round(100 * $this->glass->panelUsed)]),
            );
    }

    /** @param array<string, string|float|int> $figures */
    private function parting(StepKind $kind, GlassMove $move, array $figures): Step
    {
        $step = $this->step($kind)
            ->saying(
                ['from' => round($move->from), 'to' => round($move->to), 'depth' => round($move->depth, 1)] + $figures,
            )
            ->with($move->blade->tool())
            ->taking($move->seconds)
            ->warming(Warmth::Beside);

        return $move->crazed ? $step->noting(new Reason('crazed-here')) : $step;
    }

    private function cleaned(): Step
    {
        return $this->step(StepKind::CleanPanel)
            ->with(Tool::RemoverAndWipes)
            ->taking(600.0)
            ->minding(Hazard::NoFlameIpa)
            ->because(new Reason('residue-shows'))
            ->leaving(Effects::none()->wetting(Place::Edge));
    }

    private function laid(): Step
    {
        $laid = $this->site->sealing->glass ?? throw new \LogicException('new glass without its adhesive');
        // Waited for as long as the cooler of a warm mat and the room makes it run, within reason.
        $wait = min(self::LONGEST_SPREAD, $laid->sooner);

        return $this->step(StepKind::Laminate)
            ->saying(['name' => $this->site->request->replacement->name])
            ->with(Tool::LevelBench)
            ->taking(300.0, $wait)
            ->noting(...$this->howLaid($laid))
            ->because(new Reason('air-shows'));
    }

    /** @return list<Reason> */
    private function howLaid(GlassLaying $laid): array
    {
        return [
            new Reason('lay-ml', ['ml' => round($laid->ml(), 2)]),
            new Reason('level-first'),
            new Reason('lower-one-side'),
            ...($laid->drops === [] ? [] : [new Reason('drop-beyond-hole')]),
            new Reason('shade-until-spread'),
            new Reason('spreads-in', [
                'minutes' => (int) ceil($laid->spread / 60),
                'warm' => (int) ceil($laid->sooner / 60),
            ]),
            new Reason('film-at-the-edge'),
        ];
    }

    private function cured(): Step
    {
        $lamp = Curing::usualLamp();

        return $this->step(StepKind::CureUv)
            ->with(Tool::UvLamp)
            ->taking(20.0, $lamp->seconds())
            ->noting(new Reason('cures-in', [
                'lamp' => (int) ceil($lamp->seconds() / 60),
                'sun' => (int) ceil(Curing::by(Light::Sun)->seconds() / 60),
                'overcast' => (int) ceil(Curing::by(Light::Overcast)->seconds() / 60),
            ]))
            ->minding(Hazard::Uv)
            ->because(new Reason('cured-before-handled'));
    }

    private function step(StepKind $kind): Step
    {
        return Step::of($kind, Face::Front, ...$this->panel());
    }

    /** @return list<string> */
    private function panel(): array
    {
        return $this->site->request->replacement->replaces;
    }

    private function add(Step $step): string
    {
        return $this->site->inPhase(Phase::MoveOver, $step);
    }
}
