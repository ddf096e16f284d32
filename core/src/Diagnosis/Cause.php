<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

/** What can be behind a dark picture or dead touch when the look alone does not tell. */
enum Cause: string
{
    case Panel = 'panel';
    case PanelConnector = 'panel-connector';
    case BacklightCircuit = 'backlight-circuit';
    case DisplayCircuit = 'display-circuit';
    case FlatBattery = 'flat-battery';
    case PowerKey = 'power-key';
    case Digitizer = 'digitizer';
    case DigitizerFlex = 'digitizer-flex';
    case TouchController = 'touch-controller';
    case SurfaceFilm = 'surface-film';

    public function layer(): ScreenLayer
    {
        return match ($this) {
            self::Panel => ScreenLayer::DisplayPanel,
            self::PanelConnector, self::DigitizerFlex => ScreenLayer::Connector,
            self::BacklightCircuit => ScreenLayer::Backlight,
            self::DisplayCircuit, self::TouchController => ScreenLayer::Board,
            self::FlatBattery => ScreenLayer::Battery,
            self::PowerKey => ScreenLayer::PowerKey,
            self::Digitizer => ScreenLayer::Digitizer,
            self::SurfaceFilm => ScreenLayer::Surface,
        };
    }

    /** True if a new display assembly mends it. */
    public function mendedByDisplay(): bool
    {
        return \in_array($this, [self::Panel, self::Digitizer, self::DigitizerFlex], true);
    }
}
