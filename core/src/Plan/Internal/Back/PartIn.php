<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Place;
use Facelift\Anatomy\Renewal;
use Facelift\Anatomy\Thing;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Apart\Drying;
use Facelift\Plan\Internal\Notes;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * A part of the phone goes back. A cover that hangs on a flex first waits for its ledge, then hangs beside the phone
 * until its bond is shut: only then is it in.
 *
 * @internal
 */
final readonly class PartIn implements Writer
{
    /** @param list<string> $left ids still to be put back */
    public function __construct(private Site $site, private Part $part, private array $left) {}

    public function write(array $after): string
    {
        $part = $this->part;
        $battery = $part->kind === PartKind::Battery;
        if ($battery && \in_array(Place::BatteryWell, $this->site->steps->wet(), true)) {
            $dry = Drying::step(Place::BatteryWell, $part->id, $part->face)
                ->taking(10.0, Drying::WAIT)
                ->because(new Reason('alcohol-dries-before-closing'));
            $after = [$this->site->back($dry, $after)];
        }
        $hangs = $this->site->coverBondOf($part->id) !== null;
        $cut = $this->site->cutBondOf($part->id);
        // Tape keeps its liner until the end; glue would not wait for what is still to be done.
        if ($cut !== null && $cut->closing->renewal !== Renewal::Liquid) {
            $after = [...$after, (new LedgeReady($this->site, $cut))->inPassing($after)];
        }
        if ($hangs) {
            $this->site->progress->coverAfter[$part->id] = [];
        }
        $step = Step::of($hangs ? StepKind::HangPart : StepKind::FitPart, $part->face, $part->id)
            ->saying(['name' => $part->name])
            ->noting(...Notes::puttingBack($part))
            ->with($part->handling->tool)
            ->taking($part->handling->seconds)
            ->minding(...($battery ? [Hazard::Cell, Hazard::BentCell] : []))
            ->because(new Reason('goes-before', ['names' => $this->covers()]))
            ->leaving($this->effects($hangs));

        return $this->site->back($step, $after);
    }

    private function effects(bool $hangs): Effects
    {
        $covers = $this->part->kind->covered();
        $effects = $hangs ? Effects::none()->putting(Thing::Prop) : Effects::none()->fitting($this->part->id);

        return $covers === [] ? $effects : $effects->taking(...$this->site->steps->stillOn(...$covers));
    }

    private function covers(): string
    {
        $over = array_filter(
            $this->left,
            fn(string $id): bool => \in_array($this->part->id, $this->site->frees[$id] ?? [], true),
        );

        return $this->site->names(array_values($over));
    }
}
