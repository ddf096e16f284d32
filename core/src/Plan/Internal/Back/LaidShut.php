<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Thing;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\LooseParts;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Proof\Gate;
use Facelift\Seal\FirstEdge;

/**
 * What a blade went round is bonded again: ledge, adhesive, the gate before, laid shut, clamped. A cover goes on with
 * it.
 *
 * @internal
 */
final readonly class LaidShut implements Writer
{
    /** @param list<string> $left ids still to be put back */
    public function __construct(private Site $site, private Bond $bond, private array $left) {}

    public function write(array $after): string
    {
        $progress = $this->site->progress;
        $gates = new Gates($this->site);
        $ofDisplay = $this->site->holdsDisplay($this->bond->id);
        $cover = $this->bond->lifted();
        $after = [...$after, ...($progress->coverAfter[$cover] ?? [])];
        if (!$ofDisplay) {
            $after = [...$after, (new LedgeReady($this->site, $this->bond))->write($after)];
        }
        $after = $progress->live && $ofDisplay
            ? [...$after, $gates->at(Gate::Dry, 'before-bonding', $after)]
            : $gates->whileOpen($after);
        foreach ($this->justBefore($ofDisplay) as $step) {
            $after = [...$after, $this->site->back($step, $after)];
        }
        $done = $this->site->back($this->shut(isset($progress->coverAfter[$cover])), $after);
        $progress->displayShut = $progress->displayShut || $ofDisplay;
        if ($progress->live && $this->isLastCut() && $this->screwsAreLeft()) {
            $done = $gates->at(Gate::LaidShut, 'before-tail-screws', [$done]);
        }
        $done = $this->clamped($done);
        $progress->closing = true;

        return $done;
    }

    /** @return list<Step> */
    private function justBefore(bool $ofDisplay): array
    {
        $steps = $ofDisplay && $this->site->isDiscarded($this->bond->lifted())
            ? (new LooseParts($this->site))->lookedAtAgain()
            : [];
        $liner = $this->seal()->lastLiner();

        return $liner === null ? $steps : [...$steps, $liner];
    }

    private function seal(): SealSteps
    {
        return new SealSteps($this->site->phone, $this->bond, $this->site->sealing->seals[$this->bond->id]);
    }

    private function shut(bool $goesOn): Step
    {
        $lifted = $this->site->phone->parts[$this->bond->lifted()];
        $effects = Effects::none()->taking(...$this->site->steps->stillOn(Thing::Prop));
        $first = FirstEdge::of($this->site->phone, $this->bond);

        return Step::of(StepKind::CloseBond, $this->bond->face, $this->bond->id, $lifted->id)
            ->saying([
                'name' => $this->bond->name,
                'part' => $lifted->name,
                'align' => $first->side->value,
            ])
            ->taking(60.0)
            ->minding(Hazard::NoPinch, Hazard::WaterResistance)
            ->because($first->because, new Reason('press-along-bond'))
            ->leaving($goesOn ? $effects->fitting($lifted->id) : $effects);
    }

    private function clamped(string $done): string
    {
        $held = $this->seal()->held();
        if ($held === null) {
            return $done;
        }
        $this->site->back($held, [$done]);

        return $this->site->back($this->seal()->released());
    }

    private function isLastCut(): bool
    {
        return array_intersect($this->left, array_keys($this->site->sealing->openings)) === [];
    }

    private function screwsAreLeft(): bool
    {
        return array_intersect($this->left, array_keys($this->site->phone->fasteners)) !== [];
    }
}
