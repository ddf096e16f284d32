<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Connector;
use Facelift\Anatomy\IfCovered;
use Facelift\Anatomy\Opening;
use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Tool;
use Facelift\Document\Reason;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\LooseParts;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * What is looked at before adhesive lies on a ledge, and before the screen goes on it. Times: common practice, no
 * source.
 *
 * @internal
 */
final readonly class BeforeAdhesive
{
    public function __construct(private Site $site, private Bond $bond) {}

    /** @return list<Step> before the ledge is cleaned */
    public function cleared(): array
    {
        $steps = [];
        if ($this->isNew()) {
            $steps[] = $this->step(StepKind::CompareOld)
                ->saying(['name' => $this->site->phone->parts[$this->bond->lifted()]->name])
                ->taking(20.0)
                ->because(new Reason('nothing-of-the-old-left'));
            array_push($steps, ...(new LooseParts($this->site))->takenOff());
        }
        if ($this->site->request->condition->glassBroken($this->bond->face)) {
            $steps[] = $this->step(StepKind::TakeShards)
                ->with(Tool::Tweezers)
                ->taking(60.0)
                ->minding(Hazard::BrokenGlass, Hazard::Eyes)
                ->because(new Reason('a-shard-lifts-or-cracks'));
        }

        return $steps;
    }

    public function ridge(): Step
    {
        return $this->step(StepKind::CheckRidge)
            ->saying(['name' => $this->bond->name])
            ->taking(25.0)
            ->because(new Reason('ridge-lifts-screen'));
    }

    /** What lies under the screen: in its place, once, and no flex between. */
    public function under(): Step
    {
        $notes = [];
        $meshes = $this->staying(PartKind::Mesh);
        $holders = $this->staying(PartKind::SensorHolder, PartKind::EarpieceSensorFlex);
        $slots = array_filter(
            $this->site->phone->openings,
            static fn(Opening $o): bool => $o->ifCovered === IfCovered::FlexPinched,
        );
        if ($meshes !== []) {
            $notes[] = new Reason('mesh-lies-in', ['names' => implode(', ', $meshes)]);
        }
        if ($holders !== []) {
            $notes[] = new Reason('sensors-in-holders', ['names' => implode(', ', $holders)]);
        }
        if ($slots !== []) {
            $flexes = $this->flexes();
            $notes[] = \count($flexes) > 1
                ? new Reason('flexes-under-first', ['names' => implode(', ', $flexes)])
                : new Reason('flex-through-its-slot');
        }

        if ($this->site->phone->parts[$this->bond->lifted()]->kind === PartKind::Digitizer) {
            $notes[] = new Reason('dust-between-layers');
        }

        return $this->step(StepKind::CheckUnder)
            ->saying(['name' => $this->site->request->replacement->name])
            ->noting(...$notes)
            ->taking(25.0)
            ->minding(Hazard::NoPinch)
            ->because(new Reason('seen-for-the-last-time'));
    }

    private function step(StepKind $kind): Step
    {
        return Step::of($kind, $this->bond->face, $this->bond->id);
    }

    /** True if a new part lies on this ledge, not what was lifted from it. */
    public function isNew(): bool
    {
        return $this->site->isDiscarded($this->bond->lifted());
    }

    /** @return list<string> names of such parts that are in the phone or on the new part */
    private function staying(PartKind ...$kinds): array
    {
        return array_map(static fn(Part $p): string => $p->name, $this->site->phone->partsOf(...$kinds));
    }

    /** @return list<string> connectors of what is replaced, as the phone file lists them: under ones first */
    private function flexes(): array
    {
        $of = array_filter(
            $this->site->phone->connectors,
            fn(Connector $c): bool => array_filter($c->joins, $this->movesWithTheScreen(...)) !== [],
        );

        return array_values(array_map(static fn(Connector $c): string => $c->name, $of));
    }

    private function movesWithTheScreen(string $part): bool
    {
        return $this->site->phone->movesWith($part, $this->bond->lifted());
    }
}
