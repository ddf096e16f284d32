<?php

declare(strict_types=1);

namespace Facelift\Proof;

use Facelift\Anatomy\PhoneFunction;

/** What a test needs before it can be done. */
enum Need: string
{
    case Nothing = 'nothing';
    case Unlocked = 'unlocked';
    case Owner = 'owner';
    case TestMenu = 'test-menu';
    case Network = 'network';
    case Charger = 'charger';
    case Sim = 'sim';

    /** A locked phone allows the boot picture and the unlock keypad (common practice). */
    public static function of(PhoneFunction $function): self
    {
        return match ($function) {
            PhoneFunction::Image,
            PhoneFunction::Keys,
            PhoneFunction::HomeKey,
            PhoneFunction::Vibration,
            PhoneFunction::Charging,
            PhoneFunction::WirelessCharging,
            PhoneFunction::Signal,
            PhoneFunction::Sim => self::Nothing,
            PhoneFunction::Fingerprint, PhoneFunction::FaceUnlock => self::Owner,
            PhoneFunction::Touch, PhoneFunction::Proximity, PhoneFunction::AmbientLight => self::TestMenu,
            default => self::Unlocked,
        };
    }
}
