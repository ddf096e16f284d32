<?php

declare(strict_types=1);

namespace Facelift\Capture;

use Facelift\Anatomy\IfCovered;
use Facelift\Anatomy\OpeningShape;

/** What can be seen in the front of a phone from outside. Its usual size: common practice, no source. */
enum FrontThing: string
{
    case Camera = 'camera';
    case EarpieceSlot = 'earpiece-slot';
    case LightSensor = 'light-sensor';
    case Microphone = 'microphone';
    case HomeKey = 'home-key';

    public function shape(): OpeningShape
    {
        return match ($this) {
            self::EarpieceSlot, self::Microphone => OpeningShape::Slot,
            self::Camera, self::LightSensor, self::HomeKey => OpeningShape::Circle,
        };
    }

    /** @return array{float, float} mm wide and high */
    public function size(): array
    {
        return match ($this) {
            self::Camera => [4.2, 4.2],
            self::EarpieceSlot => [12.0, 1.2],
            self::LightSensor => [2.2, 2.2],
            self::Microphone => [2.4, 0.9],
            self::HomeKey => [11.0, 11.0],
        };
    }

    /** mm that adhesive stays away from it */
    public function clearance(): float
    {
        return $this === self::Camera ? 0.8 : 0.6;
    }

    public function ifCovered(): IfCovered
    {
        return match ($this) {
            self::Camera => IfCovered::CameraBlurred,
            self::EarpieceSlot => IfCovered::EarpieceFaint,
            self::LightSensor => IfCovered::ProximityDead,
            self::Microphone => IfCovered::MicrophoneMuffled,
            self::HomeKey => IfCovered::HomeKeyStiff,
        };
    }
}
