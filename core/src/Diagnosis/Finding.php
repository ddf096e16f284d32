<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

use Facelift\Document\Reason;

/** What is broken, how sure that is, and what to check next. */
final readonly class Finding
{
    /**
     * @param list<LayerVerdict> $layers         only layers that something is known of
     * @param list<Suspect>      $suspects       by symptom, the most likely first; empty if the look alone tells
     * @param list<Reason>       $contradictions observations that cannot both be so
     * @param NextCheck|null     $next           the one check that tells most now; at the counter before the opened
     *     phone
     */
    public function __construct(
        public array $layers,
        public array $suspects,
        public array $contradictions,
        public ?NextCheck $next,
    ) {}

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

    /**
     * True if a known-good panel has to be connected before anything is stripped: a layer is only possible, or what
     * was seen contradicts itself.
     */
    public function proveFirst(): bool
    {
        if ($this->contradictions !== []) {
            return true;
        }
        foreach ($this->layers as $verdict) {
            if ($verdict->likelihood === Likelihood::Possible) {
                return true;
            }
        }

        return false;
    }

    /**
     * Chance that a new display mends what the look alone does not tell: the least over the symptoms. Null if there
     * are none: nothing is reckoned then.
     */
    public function chanceOfMending(): ?float
    {
        $chances = [];
        foreach ($this->suspects as $suspect) {
            $symptom = $suspect->symptom->value;
            $chances[$symptom]
                = ($chances[$symptom] ?? 0.0) + ($suspect->cause->mendedByDisplay() ? $suspect->share : 0.0);
        }

        return $chances === [] ? null : min($chances);
    }
}
