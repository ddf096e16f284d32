<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** What can hurt somebody or something at a step. */
enum Hazard: string
{
    case BrokenGlass = 'broken-glass';
    case HotPlate = 'hot-plate';
    case HotAir = 'hot-air';
    case HotFace = 'hot-face';
    case NoFlameIpa = 'no-flame-ipa';
    case BatteryLimit = 'battery-limit';
    case Cell = 'cell';
    case BentCell = 'bent-cell';
    case Live = 'live';
    case MayBeLive = 'may-be-live';
    case WristStrap = 'wrist-strap';
    case Paired = 'paired';
    case ScrewLength = 'screw-length';
    case NoPinch = 'no-pinch';
    case WaterResistance = 'water-resistance';
    case Eyes = 'eyes';
    case Uv = 'uv';
    case Waste = 'waste';
    case Fumes = 'fumes';
    case Dust = 'dust';
    /** What lies beside hot air gets hot too. */
    case HeatBeside = 'heat-beside';
}
