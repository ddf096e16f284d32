<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** A function of the phone that can be tested. */
enum PhoneFunction: string
{
    case Image = 'image';
    case Brightness = 'brightness';
    case Touch = 'touch';
    case Stylus = 'stylus';
    case Earpiece = 'earpiece';
    case Loudspeaker = 'loudspeaker';
    case Microphone = 'microphone';
    case Call = 'call';
    case Proximity = 'proximity';
    case AmbientLight = 'ambient-light';
    /** The picture follows the colour of the light around it. */
    case ColourAdapting = 'colour-adapting';
    case FrontCamera = 'front-camera';
    case RearCamera = 'rear-camera';
    case Keys = 'keys';
    case HomeKey = 'home-key';
    case Vibration = 'vibration';
    case Fingerprint = 'fingerprint';
    case FaceUnlock = 'face-unlock';
    case Charging = 'charging';
    case WirelessCharging = 'wireless-charging';
    case Signal = 'signal';
    case Wifi = 'wifi';
    case Sim = 'sim';
    case PartNotice = 'part-notice';

    /** Its opening or window lies in or behind the glass, or beside the adhesive of the glass. */
    public function passesTheGlass(): bool
    {
        return match ($this) {
            self::Earpiece,
            self::Microphone,
            self::FrontCamera,
            self::Proximity,
            self::AmbientLight,
            self::FaceUnlock => true,
            default => false,
        };
    }

    /** What the display itself serves, so it is repeated after every display job. */
    public function isOfTheDisplay(): bool
    {
        return \in_array($this, [self::Image, self::Brightness, self::Touch, self::PartNotice], true);
    }
}
