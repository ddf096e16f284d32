<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Connector;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Tool;
use Facelift\Chip\ChipWork;
use Facelift\Document\Reason;
use Facelift\Plan\Hazard;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Warmth;

/**
 * What follows from a trouble at a step: extra steps, a part to order, a changed quote, or a stop. Common practice,
 * no source.
 */
final readonly class Aftermath
{
    private Phone $phone;

    public function __construct(private Plan $plan)
    {
        $this->phone = $plan->basis->phone;
    }

    /** @return list<Consequence> of everything that can go wrong at a step, one per thing it can happen to */
    public function possible(string $stepId): array
    {
        $step = $this->plan->steps[$stepId] ?? null;
        if ($step === null) {
            return [];
        }
        $all = [];
        foreach (Trouble::cases() as $trouble) {
            foreach ($trouble->belongsTo($step->kind()) ? $this->subjects($trouble, $step) : [] as $subject) {
                $all[] = $this->of($trouble, $subject);
            }
        }

        return $all;
    }

    /** @return Consequence|null null if this cannot happen to that at this step */
    public function at(string $stepId, string $trouble, string $subject): ?Consequence
    {
        foreach ($this->possible($stepId) as $consequence) {
            if ($consequence->trouble->value === $trouble && $consequence->subject === $subject) {
                return $consequence;
            }
        }

        return null;
    }

    /** @return list<string> */
    private function subjects(Trouble $trouble, Step $step): array
    {
        $plugs = $step->effects->connectors->all();
        $about = \array_slice($step->act->subjects, 0, 1);
        $parts = array_values(array_unique(array_merge(...array_map($this->partsOf(...), [...$about, ...$plugs]))));

        return match ($trouble) {
            Trouble::ScrewLost, Trouble::ScrewStripped => $step->effects->screws->groups(),
            Trouble::ConnectorDamaged => array_values(
                array_unique(
                    array_filter([...$about, ...$plugs], fn(string $id): bool => isset($this->phone->connectors[$id])),
                ),
            ),
            Trouble::CellBent => $this->ofKind($parts, PartKind::Battery),
            Trouble::Delamination => $this->ofKind($parts, PartKind::Display, PartKind::Digitizer),
            Trouble::FlexTorn => array_values(array_filter($parts, $this->hasFlex(...))),
            Trouble::PartDead => $this->testedParts(),
            Trouble::ChipFailed => $this->chipOf(),
        };
    }

    /**
     * @param list<string> $parts
     *
     * @return list<string>
     */
    private function ofKind(array $parts, PartKind ...$kinds): array
    {
        return array_values(
            array_filter($parts, fn(string $id): bool => \in_array($this->phone->parts[$id]->kind, $kinds, true)),
        );
    }

    /** @return list<string> the parts that an id of the file is about */
    private function partsOf(string $id): array
    {
        $joins = $this->phone->connectors[$id]->joins ?? $this->phone->bonds[$id]->joins ?? [];

        return isset($this->phone->parts[$id]) ? [$id] : \array_slice($joins, 0, 1);
    }

    private function hasFlex(string $part): bool
    {
        $rigid = [PartKind::MainBoard, PartKind::Boards, PartKind::Battery];
        $plugged = array_filter(
            $this->phone->connectors,
            static fn(Connector $c): bool => \in_array($part, $c->joins, true),
        );

        return $plugged !== [] && !\in_array($this->phone->parts[$part]->kind, $rigid, true);
    }

    /** @return list<string> parts that a test can find dead: those with a function of their own */
    private function testedParts(): array
    {
        $handled = array_merge(
            ...array_values(array_map(static fn(Step $s): array => $s->effects->parts->all(), $this->plan->steps)),
        );

        return array_values(
            array_filter(
                array_keys($this->phone->parts),
                fn(string $id): bool => $this->phone->parts[$id]->functions !== [] && \in_array($id, $handled, true),
            ),
        );
    }

    private function of(Trouble $trouble, string $subject): Consequence
    {
        return match ($trouble) {
            Trouble::ScrewStripped => $this->small(
                $trouble,
                $this->step(StepKind::ExtractScrew, $subject, 'stripped-is-drawn')
                    ->with(Tool::Extractor)
                    ->taking(180.0)
                    ->minding(Hazard::Eyes),
            ),
            Trouble::ScrewLost => $this->small(
                $trouble,
                $this->step(StepKind::FindScrew, $subject, 'lost-is-found-or-replaced')->taking(90.0),
            ),
            Trouble::CellBent => $this->cell($subject),
            Trouble::ChipFailed => $this->chip($subject),
            Trouble::ConnectorDamaged => $this->connector($subject),
            Trouble::FlexTorn, Trouble::Delamination, Trouble::PartDead => $this->part($trouble, $subject),
        };
    }

    private function small(Trouble $trouble, Step $step): Consequence
    {
        return new Consequence(
            $trouble,
            $step->act->subjects[0],
            $step->because,
            [$step],
            null,
            false,
            false,
        );
    }

    private function connector(string $connector): Consequence
    {
        $look = $this->step(StepKind::CheckBoard, $connector, 'board-work-needed')
            ->with(Tool::Microscope)
            ->taking(300.0);
        $because = [new Reason('board-work-needed'), new Reason('quote-no-longer-holds')];

        return new Consequence(
            Trouble::ConnectorDamaged,
            $connector,
            $because,
            [$look],
            null,
            true,
            true,
        );
    }

    /** A bent or pricked cell is isolated before anything else, and never fitted again. */
    private function cell(string $battery): Consequence
    {
        $isolate = $this->step(StepKind::IsolateCell, $battery, 'cell-is-isolated')
            ->taking(120.0)
            ->minding(Hazard::Cell, Hazard::BentCell);
        $ordered = new Reason('part-is-ordered', ['name' => $this->phone->nameOf($battery)]);
        $because = [new Reason('cell-is-isolated'), $ordered, new Reason('quote-no-longer-holds')];

        return new Consequence(
            Trouble::CellBent,
            $battery,
            $because,
            [$isolate],
            $battery,
            true,
            true,
        );
    }

    /** @return list<string> the display whose chip is moved in this plan; none if no chip is */
    private function chipOf(): array
    {
        foreach ($this->plan->steps as $step) {
            if ($step->kind() === StepKind::ChipLift) {
                return [$step->act->subjects[0]];
            }
        }

        return [];
    }

    /** The way back: the old chip on to the old panel, its data read again; a new display has to come. */
    private function chip(string $display): Consequence
    {
        $layout = $this->phone->panel->data?->layout;
        $back = $this->step(StepKind::ChipBack, $display, 'chip-back-on-the-old-panel')
            ->with(Tool::HotAir)
            ->taking(ChipWork::BACK)
            ->warming(Warmth::Beside)
            ->minding(Hazard::Fumes, Hazard::HotAir, Hazard::NoFlameIpa, Hazard::HeatBeside);
        $read = $this->step(StepKind::ReadMemory, $display, 'read-again-after-chip')
            ->saying(['name' => $this->phone->nameOf($display), 'blocks' => $layout?->blocks() ?? 0])
            ->with(Tool::PanelProgrammer)
            ->taking(60.0);
        $name = ['name' => $this->phone->nameOf($display)];
        $because = [
            new Reason('chip-back-on-the-old-panel', $name),
            new Reason('part-is-ordered', $name),
            new Reason('quote-no-longer-holds'),
        ];

        return new Consequence(
            Trouble::ChipFailed,
            $display,
            $because,
            [$back, $read],
            $display,
            true,
            true,
            true,
            Step::of(StepKind::WriteMemory, Face::Front, $display)
                ->saying($read->act->figures)
                ->with(Tool::PanelProgrammer)
                ->taking(60.0)
                ->because(new Reason('verified-by-reading-back')),
        );
    }

    /**
     * A part of the old screen may die; the new one goes back; one that stays is ordered, and a paired one is lost
     * for good.
     */
    private function part(Trouble $trouble, string $part): Consequence
    {
        $name = $this->phone->nameOf($part);
        if (\in_array($part, $this->plan->route->discarded, true)) {
            return $trouble === Trouble::PartDead
                ? new Consequence(
                    $trouble,
                    $part,
                    [new Reason('new-part-goes-back', ['name' => $name])],
                    [],
                    null,
                    true,
                    false,
                )
                : new Consequence(
                    $trouble,
                    $part,
                    [new Reason('old-panel-is-lost', ['name' => $name])],
                    [],
                    null,
                    false,
                    false,
                );
        }
        $because = [new Reason('part-is-ordered', ['name' => $name]), new Reason('quote-no-longer-holds')];
        if ($this->phone->parts[$part]->pairing !== Pairing::None) {
            $because = [new Reason('paired-function-lost', ['name' => $name]), ...$because];
        }

        return new Consequence(
            $trouble,
            $part,
            $because,
            [],
            $part,
            false,
            true,
        );
    }

    private function step(StepKind $kind, string $subject, string $why): Step
    {
        $name = ['name' => $this->phone->nameOf($subject)];

        return Step::of($kind, Face::Front, $subject)->saying($name)->because(new Reason($why, $name));
    }
}
