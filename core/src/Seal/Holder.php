<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Document\Reason;
use Facelift\Geometry\Point;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\Side;

/** Says how a fresh bond is held. Times: common practice, no source; full strength: by the adhesive's own sheet. */
final readonly class Holder
{
    /** min under clamps for contact adhesive at 20 °C: 20 to 30 (common practice, no source) */
    private const CONTACT = 25.0;
    /** min: tape grips no better for more (common practice, no source) */
    private const MOST = 30.0;
    /** h to full strength; the adhesive's own sheet goes before it (from memory) */
    private const CURE = 24.0;
    /** mm that a clamp's jaw is wide, with room to set it */
    private const JAW = 12.0;
    /** mm between clamps (common practice, no source) */
    private const EVERY = 38.0;

    /** @param float $room °C */
    public function hold(Phone $phone, Bond $bond, Way $way, float $room): Hold
    {
        $places = $this->places($phone, $bond);
        $noClamp = $bond->closing->noClamp;
        // Adhesive that sets by itself sets half as fast ten degrees colder (rule of thumb, from memory).
        $colder = 2 ** ((20.0 - $room) / 10);
        [$clamp, $longer, $light, $cure] = match ($way) {
            Way::Bead, Way::TapeAndBead => [
                self::CONTACT * max(0.8, min(2.0, $colder)),
                60.0,
                3.0,
                self::CURE * max(0.5, min(2.0, $colder)),
            ],
            default => [min(self::MOST, $bond->closing->clampMinutes), 60.0, 0.0, self::CURE],
        };
        $because = $way->isLiquid() ? [new Reason('longer-is-fine', ['hours' => round($light)])] : [];
        if ($noClamp !== null) {
            $because[] = new Reason('clamps-do-not-fit', ['side' => $noClamp->value]);
        }
        if ($phone->body->curve > 0 && $bond->face === Face::Front) {
            $because[] = new Reason('weight-on-curved-glass');
        }
        if (!$way->isLiquid() && $room < 20.0) {
            $because[] = new Reason('hold-warm-tape', ['room' => round($room)]);
        }

        return new Hold(
            self::by($phone, $bond, $clamp, $places),
            round($clamp),
            $longer,
            $light,
            // In half days: nothing is known better.
            12.0 * ceil($cure / 12.0),
            $places,
            round(\count($places) * ClampPlace::FORCE / $phone->body->glass->perimeter(), 3),
            $because,
        );
    }

    /** @param list<ClampPlace> $places */
    private static function by(Phone $phone, Bond $bond, float $clamp, array $places): HoldBy
    {
        return match (true) {
            $clamp <= 0 => HoldBy::Hand,
            // A jaw slips off an edge that curves down, and cracks it.
            $phone->body->curve > 0 && $bond->face === Face::Front => HoldBy::Weight,
            $bond->closing->noClamp !== null, $places === [] => HoldBy::Bands,
            default => HoldBy::Clamps,
        };
    }

    /** @return list<ClampPlace> */
    private function places(Phone $phone, Bond $bond): array
    {
        $places = [];
        foreach (Side::cases() as $side) {
            if ($side === $bond->closing->noClamp) {
                continue;
            }
            $outline = $phone->body->outline;
            $from = $outline->radius;
            $length = $outline->straight($side);
            $count = max(1, (int) floor($length / self::EVERY));
            for ($i = 0; $i < $count; ++$i) {
                $at = $outline->pointOn($side, $from + $length * ($i + 0.5) / $count);
                if (!$this->isTaken($phone, $at)) {
                    $places[] = new ClampPlace($side, $at);
                }
            }
        }

        return $places;
    }

    /** A key lies there, or an opening of the glass that a jaw would press on. */
    private function isTaken(Phone $phone, Point $at): bool
    {
        $jaw = Rectangle::around($at, self::JAW, self::JAW);
        foreach ($phone->partsOf(PartKind::SideKeys) as $keys) {
            if ($keys->box->meets($jaw)) {
                return true;
            }
        }
        foreach ($phone->openings as $opening) {
            if ($opening->box()->meets($jaw)) {
                return true;
            }
        }

        return false;
    }
}
