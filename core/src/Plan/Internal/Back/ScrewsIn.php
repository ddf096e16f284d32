<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Tool;
use Facelift\Document\Reason;
use Facelift\Fasteners\ScrewMat;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Route\Pace;

/** @internal */
final readonly class ScrewsIn implements Writer
{
    public function __construct(private Site $site, private Fastener $screws) {}

    public function write(array $after): string
    {
        $f = $this->screws;
        $lacks = \in_array($f->id, $this->site->request->replacement->lacks, true);
        $order = array_map(static fn(int $i): int => $i + 1, ScrewMat::tightening($f->places));
        $figures = ['name' => $f->name, 'count' => $f->count(), 'driver' => $f->driver->value, 'length' => $f->length];
        $step = Step::of($lacks ? StepKind::LeftOver : StepKind::ScrewIn, $f->face, $f->id)
            ->saying($figures + ['order' => implode(' ', $order)])
            ->leaving(Effects::none()->screwing($f->id, $f->count()));
        $step = $lacks
            ? $step->taking(5.0)->because(new Reason('no-hole-on-new-part'))
            : $step->with(Tool::driver($f->driver))
                ->taking(Pace::SCREW_IN * $f->count())
                ->minding(Hazard::ScrewLength)
                ->because(new Reason('corners-opposite'));

        return $this->site->back($step, $after);
    }
}
