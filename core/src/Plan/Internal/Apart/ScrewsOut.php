<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Tool;
use Facelift\Plan\Effects;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Route\Pace;

/** @internal */
final readonly class ScrewsOut implements Writer
{
    public function __construct(private Site $site, private Fastener $screws) {}

    public function write(array $after): string
    {
        $f = $this->screws;

        return $this->site->apart(
            Step::of(StepKind::Unscrew, $f->face, $f->id)
                ->saying([
                    'name' => $f->name,
                    'count' => $f->count(),
                    'driver' => $f->driver->value,
                    'length' => $f->length,
                ])
                ->with(Tool::driver($f->driver))
                ->taking(Pace::SCREW_OUT * $f->count())
                ->because(...$this->site->becauseOf($f->id))
                ->leaving(Effects::none()->unscrewing($f->id, $f->count())),
            $after,
        );
    }
}
