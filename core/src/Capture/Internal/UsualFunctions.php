<?php

declare(strict_types=1);

namespace Facelift\Capture\Internal;

use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\PhoneFunction;

/**
 * What a part of a kind serves, so that it is tested once it was out.
 *
 * @internal
 */
final readonly class UsualFunctions
{
    /** @return array{}|array{functions: list<string>} */
    public static function of(PartKind $kind): array
    {
        $functions = match ($kind) {
            PartKind::EarpieceSensorFlex => [PhoneFunction::Earpiece, PhoneFunction::Proximity],
            PartKind::Earpiece, PartKind::Mesh, PartKind::Grille => [PhoneFunction::Earpiece],
            PartKind::Loudspeaker => [PhoneFunction::Loudspeaker],
            PartKind::FrontCamera => [PhoneFunction::FrontCamera],
            PartKind::RearCamera => [PhoneFunction::RearCamera],
            PartKind::FingerprintReader => [PhoneFunction::Fingerprint],
            PartKind::HomeKey => [PhoneFunction::HomeKey],
            PartKind::SideKeys, PartKind::SoftKeys => [PhoneFunction::Keys],
            PartKind::VibrationMotor => [PhoneFunction::Vibration],
            PartKind::Antenna => [PhoneFunction::Signal],
            PartKind::SensorHolder => [PhoneFunction::Proximity],
            PartKind::Coil => [PhoneFunction::WirelessCharging],
            PartKind::ChargingBoard => [PhoneFunction::Charging, PhoneFunction::Microphone],
            PartKind::StylusLayer => [PhoneFunction::Stylus],
            default => [],
        };

        return $functions === [] ? [] : ['functions' => array_column($functions, 'value')];
    }
}
