<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

/** How a function fails, as far as somebody said or the phone under test measured. */
enum Sign: string
{
    /** Nothing at all. */
    case Dead = 'dead';
    /** There, but faint, blurred, dim or slow. */
    case Weak = 'weak';
    /** In a band that begins at the edge where the display's flex leaves it. */
    case BandAtFlex = 'band-at-flex';
    /** In a band elsewhere. */
    case Band = 'band';
    /** In a patch. */
    case Patch = 'patch';

    /**
     * How often a fault shows itself so. Common practice, no source; the five of a kind sum to one.
     *
     * @param FaultKind|null $kind null for whatever is on no list
     */
    public function given(?FaultKind $kind): float
    {
        $rates = match ($kind) {
            FaultKind::PlugOff => [0.84, 0.11, 0.02, 0.02, 0.01],
            FaultKind::FlexHurt => [0.52, 0.10, 0.23, 0.13, 0.02],
            FaultKind::PartFaulty => [0.35, 0.15, 0.10, 0.20, 0.20],
            FaultKind::WindowCovered => [0.08, 0.88, 0.01, 0.01, 0.02],
            FaultKind::OpeningNarrowed => [0.15, 0.82, 0.01, 0.01, 0.01],
            FaultKind::MeshClogged => [0.05, 0.92, 0.01, 0.01, 0.01],
            FaultKind::NotInSeat, FaultKind::SpringsOff => [0.55, 0.42, 0.01, 0.01, 0.01],
            FaultKind::ScrewTooLong => [0.80, 0.08, 0.04, 0.04, 0.04],
            FaultKind::Pressed => [0.02, 0.10, 0.03, 0.15, 0.70],
            FaultKind::NotItsOwn, FaultKind::TrayOff => [0.94, 0.03, 0.01, 0.01, 0.01],
            FaultKind::DataMissing => [0.60, 0.37, 0.01, 0.01, 0.01],
            FaultKind::Before, null => [0.40, 0.25, 0.10, 0.10, 0.15],
        };

        return $rates[(int) array_search($this, self::cases(), true)];
    }
}
