<?php

declare(strict_types=1);

namespace Facelift\Capture\Internal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Renewal;

/**
 * How wide a bond inside of a phone usually is, and how it is made again (common practice, no source).
 *
 * @internal
 */
final readonly class UsualBond
{
    /** @return array{width: float, renewal: string, height: float} mm */
    public static function of(AdhesiveKind $adhesive): array
    {
        [$width, $renewal, $height] = match ($adhesive) {
            AdhesiveKind::FoamTape, AdhesiveKind::PrecutSeal, AdhesiveKind::DoubleTape => [3.0, Renewal::Tape, 0.2],
            AdhesiveKind::StrongGlue => [20.0, Renewal::Tape, 0.15],
            AdhesiveKind::PullTab => [24.0, Renewal::Tape, 0.15],
            AdhesiveKind::FlexGlue => [6.0, Renewal::Reuse, 0.05],
            AdhesiveKind::Silicone => [6.0, Renewal::Liquid, 0.2],
            AdhesiveKind::Clips => [1.0, Renewal::Reuse, 0.05],
        };

        return ['width' => $width, 'renewal' => $renewal->value, 'height' => $height];
    }
}
