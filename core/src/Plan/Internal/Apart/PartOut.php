<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Thing;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\LooseParts;
use Facelift\Plan\Internal\Notes;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/** @internal */
final readonly class PartOut implements Writer
{
    public function __construct(private Site $site, private Part $part) {}

    public function write(array $after): string
    {
        $part = $this->part;
        $step = Step::of(StepKind::LiftPart, $part->face, $part->id)
            ->saying(['name' => $part->name])
            ->noting(...Notes::liftingOut($part))
            ->with($part->handling->tool)
            ->taking($part->handling->seconds)
            ->leaving($this->effects());
        if ($part->kind === PartKind::Battery) {
            $step = $step->minding(Hazard::Cell, Hazard::BentCell);
        }
        if ($part->pairing !== Pairing::None) {
            $step = $step->minding(Hazard::Paired)->because(new Reason('paired', ['name' => $part->name]));
        }

        $out = $this->site->apart($step->because(...$this->site->becauseOf($part->id)), $after);
        $loose = $this->site->isDiscarded($part->id) ? (new LooseParts($this->site))->kept() : [];
        foreach ($loose as $kept) {
            $out = $this->site->apart($kept, [$out]);
        }

        return $out;
    }

    private function effects(): Effects
    {
        $part = $this->part;
        $effects = Effects::none()->lifting($part->id);
        if ($this->site->isDiscarded($part->id)) {
            return $effects->taking(...$this->site->steps->stillOn(Thing::Prop, Thing::TapeFront));
        }
        $effects = $effects->putting(...$part->kind->covered());

        return $part->kind === PartKind::BackCover
            ? $effects->taking(...$this->site->steps->stillOn(Thing::Prop))
            : $effects;
    }
}
