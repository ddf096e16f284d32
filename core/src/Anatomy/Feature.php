<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** Something that can be seen or measured from outside without opening anything; cheapest to look at first. */
enum Feature: string
{
    case Port = 'port';
    case HomeKey = 'home-key';
    case FrontCamera = 'front-camera';
    case RearCameras = 'rear-cameras';
    case Stylus = 'stylus';
    case Height = 'height';
    case Width = 'width';
    case Thickness = 'thickness';

    /** Differences below this cannot be told by eye or with a ruler, mm; zero for what is counted or looked at. */
    public function leastDifference(): float
    {
        return match ($this) {
            self::Height, self::Width => 1.5,
            self::Thickness => 0.6,
            default => 0.0,
        };
    }

    /** What a phone shows, as a code or as mm. */
    public function of(Phone $phone): string
    {
        return match ($this) {
            self::Port => $phone->identity->port->value,
            self::HomeKey => $phone->partsOf(PartKind::HomeKey) === [] ? 'no' : 'yes',
            self::FrontCamera => $this->cameraPlace($phone),
            self::RearCameras => (string) \count($phone->partsOf(PartKind::RearCamera)),
            self::Stylus => $phone->partsOf(PartKind::Stylus) === [] ? 'no' : 'yes',
            self::Height => number_format($phone->body->outline->box->height, 1, '.', ''),
            self::Width => number_format($phone->body->outline->box->width, 1, '.', ''),
            self::Thickness => number_format($phone->body->thickness, 1, '.', ''),
        };
    }

    private function cameraPlace(Phone $phone): string
    {
        foreach ($phone->openings as $opening) {
            if ($opening->ifCovered === IfCovered::CameraBlurred) {
                $middle = $phone->body->outline->box->width / 2;

                return abs($opening->centre->x - $middle) < 4
                    ? 'centre'
                    : ($opening->centre->x < $middle
                        ? 'left'
                        : 'right');
            }
        }

        return 'none';
    }
}
