<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Leg;
use Facelift\Geometry\Point;
use Facelift\Geometry\Polygon;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Geometry\SvgPaper;

/**
 * A cut sheet of A4 at 1:1: the template with its windows, and beside it every piece flat. It prints at its true size
 * if nothing scales it.
 */
final readonly class SvgSheet
{
    private const LEFT = 10.0;
    private const TOP = 32.0;
    /** mm between pieces, for the number and the scissors */
    private const GAP = 5.0;

    public function __construct(private CutDrawing $drawing) {}

    public function svg(): string
    {
        return SvgPaper::document($this->drawing->title, self::LEFT, SvgPaper::HEIGHT - 8, [
            SvgPaper::text(
                self::LEFT,
                23,
                3.2,
                'Template: cut out the windows, lay it on the ledge. Right: every piece as it is cut from the roll.',
            ),
            ...$this->template(),
            ...$this->flat(),
        ]);
    }

    /** The path data of one stretch of bead, in the phone's own mm. */
    public static function path(Leg ...$legs): string
    {
        $d = [];
        foreach ($legs as $i => $leg) {
            $d[] = $i === 0 ? \sprintf('M%.4f %.4f', $leg->start->x, $leg->start->y) : '';
            $d[] = $leg->centre === null
                ? \sprintf('L%.4f %.4f', $leg->end->x, $leg->end->y)
                : \sprintf('A%1$.4f %1$.4f 0 0 1 %2$.4f %3$.4f', $leg->radius, $leg->end->x, $leg->end->y);
        }

        return implode('', $d);
    }

    /** @return list<string> */
    private function template(): array
    {
        $d = $this->drawing;
        $dx = self::LEFT - $d->wall->box->x;
        $dy = self::TOP - $d->wall->box->y;
        $inside = [self::rounded($d->wall, '#000', 0.3, 'id="wall"'), self::rounded($d->well, '#888', 0.15)];
        foreach ($d->free as $name => $shape) {
            $inside[] = self::rounded(
                $shape,
                '#000',
                0.15,
                'stroke-dasharray="0.8 0.6"',
                $name,
            );
        }
        foreach ($d->pieces as $i => $piece) {
            $inside[] = \sprintf(
                '<path class="window" d="%s" fill="#ddd" stroke="#000" stroke-width="0.1"/>',
                self::closed($piece->lies),
            );
            $box = $piece->lies->bounds();
            $at = self::beside($box->centre(), $d->wall, $piece->depth <= 0.0);
            $inside[] = SvgPaper::text(
                $at->x,
                $at->y + 0.9,
                2.4,
                (string) ($i + 1),
                true,
                'middle',
            );
        }
        foreach ($d->stretches as $legs) {
            $inside[] = \sprintf(
                '<path class="bead" d="%s" fill="none" stroke="#000" stroke-width="%.2f" stroke-opacity="0.5"/>',
                self::path(...$legs),
                $d->bead,
            );
        }

        return [\sprintf('<g transform="translate(%.3f %.3f)">%s</g>', $dx, $dy, implode('', $inside))];
    }

    /** @return list<string> the pieces flat, upright, in columns */
    private function flat(): array
    {
        $out = [];
        $x = self::LEFT + $this->drawing->wall->box->width + 12;
        $y = self::TOP;
        $bottom = SvgPaper::HEIGHT - 24;
        $wide = 0.0;
        $order = $this->drawing->pieces;
        uasort($order, static fn(Piece $a, Piece $b): int => $b->length <=> $a->length);
        foreach ($order as $i => $piece) {
            if ($y > self::TOP && $y + $piece->length > $bottom) {
                $x += $wide + self::GAP;
                [$y, $wide] = [self::TOP, 0.0];
            }
            $out[] = \sprintf(
                '<g transform="translate(%.3f %.3f) rotate(90)"><path class="piece" d="%s" '
                    . 'fill="none" stroke="#000" stroke-width="0.15"/></g>',
                $x + $piece->stock,
                $y,
                self::closed((new FlatPiece($piece))->shape()),
            );
            $out[] = SvgPaper::text(
                $x + $piece->stock + 0.6,
                $y + 2.6,
                2.4,
                (string) ($i + 1),
                true,
            );
            $wide = max($wide, $piece->stock);
            $y += $piece->length + self::GAP;
        }

        return [...$out, ...$this->table()];
    }

    /** @return list<string> width and length of each, under the template */
    private function table(): array
    {
        $y = self::TOP + $this->drawing->wall->box->height + 8;
        $rows = [];
        foreach (array_values($this->drawing->pieces) as $i => $piece) {
            $column = intdiv($i, 8);
            $rows[] = SvgPaper::text(
                self::LEFT + $column * 33,
                $y + ($i % 8) * 4.2,
                2.8,
                \sprintf('%d: %s × %.1f mm', $i + 1, SvgPaper::figure($piece->stock), $piece->length),
            );
        }

        return $rows;
    }

    private static function closed(Polygon $shape): string
    {
        $corners = array_map(static fn(Point $p): string => \sprintf('%.4f %.4f', $p->x, $p->y), $shape->points);

        return 'M' . implode('L', $corners) . 'Z';
    }

    private static function rounded(
        RoundedRectangle $r,
        string $stroke,
        float $width,
        string $more = '',
        string $name = '',
    ): string {
        return \sprintf(
            '<rect x="%.3f" y="%.3f" width="%.3f" height="%.3f" rx="%.3f" fill="none" stroke="%s" '
                . 'stroke-width="%.2f" %s><title>%s</title></rect>',
            $r->box->x,
            $r->box->y,
            $r->box->width,
            $r->box->height,
            $r->radius,
            $stroke,
            $width,
            $more,
            htmlspecialchars($name, \ENT_XML1),
        );
    }

    /** A number's place: beside the piece, towards the middle, so that it is not cut out with the window. */
    private static function beside(Point $at, RoundedRectangle $wall, bool $outer): Point
    {
        $c = $wall->box->centre();
        $reach = hypot($c->x - $at->x, $c->y - $at->y);
        $by = $reach > 6 ? ($outer ? 4.5 : 7.5) / $reach : 0.0;

        return new Point($at->x + $by * ($c->x - $at->x), $at->y + $by * ($c->y - $at->y));
    }
}
