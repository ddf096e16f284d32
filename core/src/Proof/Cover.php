<?php

declare(strict_types=1);

namespace Facelift\Proof;

/** What a test is done by: those of one kind are done together, without changing how the phone is held. */
enum Cover: string
{
    /** With the screen off, or without looking at it. */
    case ScreenOff = 'screen-off';
    case ScreenOn = 'screen-on';
    case Sound = 'sound';
    /** Cameras and what sees light. */
    case Light = 'light';
    /** What needs a network. */
    case Network = 'network';
    case Owner = 'owner';
}
