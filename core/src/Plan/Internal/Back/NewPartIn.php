<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Anatomy\Part;
use Facelift\Anatomy\Thing;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\LooseParts;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * The new part goes in: tested dry if nothing has proven it yet, its ledge ready, set in.
 *
 * @internal
 */
final readonly class NewPartIn implements Writer
{
    /** @param list<string> $left ids still to be put back */
    public function __construct(private Site $site, private Part $old, private array $left) {}

    public function write(array $after): string
    {
        $bond = $this->site->cutBondOf($this->old->id);
        $attached = $bond !== null && ($this->left[0] ?? null) !== $bond->id;
        if ($bond !== null) {
            $dry = new DryTest($this->site, $this->left);
            $after = $dry->canBeMade() ? [...$after, $dry->write($after)] : $after;
            $after = [...$after, (new LedgeReady($this->site, $bond))->write($after)];
            $under = (new BeforeAdhesive($this->site, $bond))->under();
            foreach ([...(new LooseParts($this->site))->placed(), $under] as $step) {
                $after = [...$after, $this->site->back($step, $after)];
            }
        }
        $effects = Effects::none()->fitting($this->old->id);
        $step = Step::of(StepKind::FitNew, $this->old->face, $this->old->id)
            ->saying(['name' => $this->site->request->replacement->name, 'part' => $this->old->name])
            ->taking(30.0)
            ->minding(Hazard::NoPinch)
            ->because(new Reason('align-one-edge'))
            ->leaving($attached ? $effects->putting(Thing::Prop) : $effects);
        $done = $this->site->steps->add($attached ? Phase::Close : $this->site->progress->back(), $step, $after);
        $this->site->progress->closing = $this->site->progress->closing || $attached;

        return $done;
    }
}
