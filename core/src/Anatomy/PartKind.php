<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What a part of a phone is. */
enum PartKind: string
{
    case Display = 'display-assembly';
    case Digitizer = 'digitizer';
    case Frame = 'frame';
    case BackCover = 'back-cover';
    case Cover = 'cover';
    case Bracket = 'bracket';
    case Battery = 'battery';
    case MainBoard = 'main-board';
    case ChargingBoard = 'charging-board';
    case EarpieceSensorFlex = 'earpiece-sensor-flex';
    case Earpiece = 'earpiece';
    case Mesh = 'mesh';
    case Loudspeaker = 'loudspeaker';
    case FrontCamera = 'front-camera';
    case RearCamera = 'rear-camera';
    case FingerprintReader = 'fingerprint-reader';
    case HomeKey = 'home-key';
    case SideKeys = 'side-keys';
    case VibrationMotor = 'vibration-motor';
    case Antenna = 'antenna';
    case SensorHolder = 'sensor-holder';
    case Coil = 'charging-coil';
    /** Boards that are lifted as one, since their leads stay on them. */
    case Boards = 'boards';
    case ShieldingFoil = 'shielding-foil';
    case SoftKeys = 'soft-keys';
    case Grille = 'grille';
    case SimTray = 'sim-tray';
    case Stylus = 'stylus';
    case StylusLayer = 'stylus-layer';

    /** Taken out by hand before any heat, since a part left in is snapped or blocks the main board. */
    public function comesOutFirst(): bool
    {
        return $this === self::SimTray || $this === self::Stylus;
    }

    /** Shuts the phone: nothing can be reached once it is on. */
    public function isCover(): bool
    {
        return $this === self::BackCover || $this === self::Cover;
    }

    /**
     * @return list<Thing> what is put over it while it lies outside the phone: dust on a lens is seen in every
     *     picture afterwards
     */
    public function covered(): array
    {
        return match ($this) {
            self::FrontCamera => [Thing::LensFront],
            self::RearCamera => [Thing::LensRear],
            default => [],
        };
    }
}
