<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/** What follows from a trouble at a step: extra steps, a part to order, a changed quote, or a stop. Common practice, no source. */
final readonly class Aftermath
{
    public function __construct(private Phone $phone, private BenchPlan $plan) {}

    /** @return list<Consequence> of everything that can go wrong at a step, one per thing it can happen to */
    public function possible(string $stepId): array
    {
        $step = $this->plan->steps[$stepId] ?? null;
        if ($step === null) {
            return [];
        }
        $all = [];
        foreach (Trouble::cases() as $trouble) {
            foreach ($trouble->belongsTo($step->kind) ? $this->subjects($trouble, $step) : [] as $subject) {
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
    private function subjects(Trouble $trouble, BenchStep $step): array
    {
        $about = explode(':', explode('#', $step->id)[0])[1] ?? '';
        $parts = array_values(array_unique([...$this->partsOf($about), ...array_merge(...array_map($this->partsOf(...), [...$step->off, ...$step->on]))]));
        $screws = [...array_keys($step->screwsOut), ...array_keys($step->screwsIn)];

        return match ($trouble) {
            Trouble::ScrewLost, Trouble::ScrewStripped => $screws,
            Trouble::ConnectorDamaged => array_values(array_filter([$about, ...$step->off, ...$step->on], fn(string $id): bool => isset($this->phone->connectors[$id]))),
            Trouble::CellBent => array_values(array_filter($parts, fn(string $id): bool => $this->phone->parts[$id]->kind === PartKind::Battery)),
            Trouble::Delamination => array_values(array_filter($parts, fn(string $id): bool => \in_array($this->phone->parts[$id]->kind, [PartKind::Display, PartKind::Digitizer], true))),
            Trouble::FlexTorn => array_values(array_filter($parts, fn(string $id): bool => $this->hasFlex($id))),
            Trouble::PartDead => $this->testedParts(),
        };
    }

    /** @return list<string> the parts that an id of the file is about */
    private function partsOf(string $id): array
    {
        return match (true) {
            isset($this->phone->parts[$id]) => [$id],
            isset($this->phone->connectors[$id]) => [$this->phone->connectors[$id]->joins[0]],
            isset($this->phone->bonds[$id]) => [$this->phone->bonds[$id]->joins[0]],
            default => [],
        };
    }

    private function hasFlex(string $part): bool
    {
        foreach ($this->phone->connectors as $connector) {
            if (\in_array($part, $connector->joins, true) && !\in_array($this->phone->parts[$part]->kind, [PartKind::MainBoard, PartKind::Boards, PartKind::Battery], true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> parts that a test can find dead: those with a function of their own */
    private function testedParts(): array
    {
        $handled = array_merge(...array_values(array_map(static fn(BenchStep $s): array => [...$s->out, ...$s->in], $this->plan->steps)));

        return array_values(array_filter(array_keys($this->phone->parts), fn(string $id): bool => $this->phone->parts[$id]->functions !== [] && \in_array($id, $handled, true)));
    }

    private function of(Trouble $trouble, string $subject): Consequence
    {
        return match ($trouble) {
            Trouble::ScrewStripped => $this->small($trouble, $subject, StepKind::ExtractScrew, 'extractor', 180, ['eyes'], 'stripped-is-drawn'),
            Trouble::ScrewLost => $this->small($trouble, $subject, StepKind::FindScrew, null, 90, [], 'lost-is-found-or-replaced'),
            Trouble::CellBent => $this->cell($subject),
            Trouble::ConnectorDamaged => new Consequence($trouble, $subject, [new Reason('board-work-needed'), new Reason('quote-no-longer-holds')], [$this->step(StepKind::CheckBoard, $subject, $this->phone->nameOf($subject), 'microscope', 300, [], 'board-work-needed')], null, true, true),
            Trouble::FlexTorn, Trouble::Delamination, Trouble::PartDead => $this->part($trouble, $subject),
        };
    }

    /** @param list<string> $cautions */
    private function small(Trouble $trouble, string $subject, StepKind $kind, ?string $tool, float $seconds, array $cautions, string $why): Consequence
    {
        return new Consequence($trouble, $subject, [new Reason($why, ['name' => $this->phone->nameOf($subject)])], [$this->step($kind, $subject, $this->phone->nameOf($subject), $tool, $seconds, $cautions, $why)], null, false, false);
    }

    /** A bent or pricked cell is isolated before anything else, and never fitted again. */
    private function cell(string $battery): Consequence
    {
        $name = $this->phone->nameOf($battery);

        return new Consequence(
            Trouble::CellBent,
            $battery,
            [new Reason('cell-is-isolated'), new Reason('part-is-ordered', ['name' => $name]), new Reason('quote-no-longer-holds')],
            [$this->step(StepKind::IsolateCell, $battery, $name, null, 120, ['cell', 'bent-cell'], 'cell-is-isolated')],
            $battery,
            true,
            true,
        );
    }

    /** A part of the old screen may die; the new one goes back; one that stays is ordered, and a paired one is lost for good. */
    private function part(Trouble $trouble, string $part): Consequence
    {
        $name = $this->phone->nameOf($part);
        if (\in_array($part, $this->plan->discarded, true)) {
            return $trouble === Trouble::PartDead
                ? new Consequence($trouble, $part, [new Reason('new-part-goes-back', ['name' => $name])], [], null, true, false)
                : new Consequence($trouble, $part, [new Reason('old-panel-is-lost', ['name' => $name])], [], null, false, false);
        }
        $because = [new Reason('part-is-ordered', ['name' => $name]), new Reason('quote-no-longer-holds')];
        if ($this->phone->parts[$part]->pairing !== Pairing::None) {
            $because = [new Reason('paired-function-lost', ['name' => $name]), ...$because];
        }

        return new Consequence($trouble, $part, $because, [], $part, false, true);
    }

    /** @param list<string> $cautions */
    private function step(StepKind $kind, string $subject, string $name, ?string $tool, float $seconds, array $cautions, string $why): Step
    {
        return new Step($kind->value . ':' . $subject, Phase::Strip, $kind, [$subject], ['name' => $name], Face::Front, $tool, $seconds, 0, $cautions, [new Reason($why, ['name' => $name])], [], new Effects(), null);
    }
}
