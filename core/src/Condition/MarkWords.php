<?php

declare(strict_types=1);

namespace Facelift\Condition;

use Facelift\Anatomy\Phone;
use Facelift\Document\Reason;
use Facelift\Geometry\Point;
use Facelift\Geometry\Side;

/** Says every mark in words: what, where on the phone, how long, and whether it reaches the edge. */
final readonly class MarkWords
{
    /** A stroke reaches the edge where it comes this near to it, mm (common practice, no source). */
    private const AT_EDGE = 4.0;

    public function of(Mark $mark, Phone $phone): Reason
    {
        $first = $mark->points[0];
        $last = $mark->points[\count($mark->points) - 1];
        $edges = $this->edges($mark, $phone);
        $figures = [
            'face' => $mark->face->value,
            'from' => $this->region($first, $phone),
            'to' => $this->region($last, $phone),
        ];

        return match ($mark->kind) {
            MarkKind::Crack, MarkKind::Line => new Reason(
                'mark-' . $mark->kind->value . ($edges === '' ? '' : '-at-edge'),
                [...$figures, 'length' => round($mark->length()), 'edges' => $edges],
            ),
            MarkKind::DeadZone => new Reason('mark-dead-zone', [
                ...$figures,
                'width' => round(abs($first->x - $last->x)),
                'height' => round(abs($first->y - $last->y)),
            ]),
            default => new Reason('mark-' . $mark->kind->value, $figures),
        };
    }

    /** One of nine regions, `top-left` to `bottom-right`, as seen from the front. */
    public function region(Point $p, Phone $phone): string
    {
        $box = $phone->body->outline->box;
        $row = ['top', 'middle', 'bottom'][max(0, min(2, (int) floor(3 * $p->y / $box->height)))];
        $column = ['left', 'centre', 'right'][max(0, min(2, (int) floor(3 * $p->x / $box->width)))];

        return $row . '-' . $column;
    }

    /** Sides that the mark reaches, in the order top, right, bottom, left, separated by blanks. */
    private function edges(Mark $mark, Phone $phone): string
    {
        $glass = $phone->body->glass->box;
        $reached = array_filter(Side::cases(), static function (Side $side) use ($mark, $glass): bool {
            foreach ($mark->points as $p) {
                $gap = match ($side) {
                    Side::Top => $p->y - $glass->y,
                    Side::Right => $glass->right() - $p->x,
                    Side::Bottom => $glass->bottom() - $p->y,
                    Side::Left => $p->x - $glass->x,
                };
                if ($gap <= self::AT_EDGE) {
                    return true;
                }
            }

            return false;
        });

        return implode(' ', array_map(static fn(Side $s): string => $s->value, $reached));
    }
}
