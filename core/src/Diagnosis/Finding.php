<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

use Facelift\Document\Reason;

/** What is broken, how sure that is, and what to do before spending anything. */
final readonly class Finding
{
    /**
     * @param list<LayerVerdict> $layers         only layers that something is known of
     * @param list<Reason>       $contradictions observations that cannot both be so
     * @param bool               $proveFirst     a known-good panel must be connected before anything is stripped
     */
    public function __construct(public array $layers, public array $contradictions, public bool $proveFirst) {}

    public function is(ScreenLayer $layer, Likelihood $likelihood): bool
    {
        foreach ($this->layers as $verdict) {
            if ($verdict->layer === $layer) {
                return $verdict->likelihood === $likelihood;
            }
        }

        return false;
    }

    /** True if a new display would mend, or may mend, what was seen. */
    public function pointsToDisplay(): bool
    {
        foreach ([ScreenLayer::CoverGlass, ScreenLayer::Digitizer, ScreenLayer::DisplayPanel] as $layer) {
            if ($this->is($layer, Likelihood::Broken) || $this->is($layer, Likelihood::Possible)) {
                return true;
            }
        }

        return false;
    }
}
