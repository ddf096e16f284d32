<?php

declare(strict_types=1);

namespace Facelift\Proof\Touch;

use Facelift\Anatomy\Connector;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\FlexZone;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\Side;

/** The edge of the lit area at which the display's flex leaves it: its lines run from there. */
final readonly class FlexEdge
{
    /** @return Side|null null if the phone file draws no zone of flexes on the front */
    public static function of(Phone $phone): ?Side
    {
        $plug = self::plug($phone);
        $zones = array_filter($phone->flexZones, static fn(FlexZone $z): bool => $z->face === Face::Front);
        if ($plug === null || $zones === []) {
            return null;
        }
        $near = static fn(FlexZone $z): float => hypot(
            $z->box->centre()->x - $plug->at->x,
            $z->box->centre()->y - $plug->at->y,
        );
        usort($zones, static fn(FlexZone $a, FlexZone $b): int => $near($a) <=> $near($b));

        return self::nearest($zones[0]->box, $phone->body->display);
    }

    private static function plug(Phone $phone): ?Connector
    {
        foreach ($phone->connectors as $connector) {
            $part = $phone->parts[$connector->joins[0]] ?? null;
            if ($part !== null && \in_array($part->kind, [PartKind::Display, PartKind::Digitizer], true)) {
                return $connector;
            }
        }

        return null;
    }

    private static function nearest(Rectangle $box, Rectangle $lit): Side
    {
        $gaps = [
            Side::Top->value => abs($box->y - $lit->y),
            Side::Right->value => abs($lit->right() - $box->right()),
            Side::Bottom->value => abs($lit->bottom() - $box->bottom()),
            Side::Left->value => abs($box->x - $lit->x),
        ];
        asort($gaps);

        return Side::from(array_key_first($gaps));
    }
}
