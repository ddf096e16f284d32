<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\AdhesiveKind;

/** Where an adhesive lets go, in °C at the bond line. Estimates from memory, to be replaced by the shop's own readings. */
final readonly class AdhesiveWindow
{
    private function __construct(public float $low, public float $high) {}

    /**
     * Foam tape and pre-cut seal about 60–85 °C, strong glue about 75–95 °C (from memory). Aged or unknown adhesive
     * after an earlier repair lets go about 5 K lower (common practice, no source).
     */
    public static function of(AdhesiveKind $kind, AdhesiveState $state): self
    {
        [$low, $high] = match ($kind) {
            AdhesiveKind::FoamTape, AdhesiveKind::PrecutSeal, AdhesiveKind::PullTab, AdhesiveKind::FlexGlue => [60.0, 85.0],
            AdhesiveKind::StrongGlue => [75.0, 95.0],
            AdhesiveKind::DoubleTape => [95.0, 110.0],
        };
        $shift = $state === AdhesiveState::Aged ? 5.0 : 0.0;

        return new self($low - $shift, $high - $shift);
    }
}
