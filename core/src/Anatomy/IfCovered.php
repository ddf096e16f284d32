<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What fails if adhesive covers an opening or lies too near to it. */
enum IfCovered: string
{
    case EarpieceFaint = 'earpiece-faint';
    case CameraBlurred = 'camera-blurred';
    case ProximityDead = 'proximity-dead';
    case MicrophoneMuffled = 'microphone-muffled';
    case FlexPinched = 'flex-pinched';
    case HomeKeyStiff = 'home-key-stiff';
}
