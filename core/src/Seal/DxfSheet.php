<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Leg;
use Facelift\Geometry\Point;
use Facelift\Geometry\RoundedRectangle;

/**
 * The pieces as they lie, as DXF release 12 in mm, y upwards: closed polylines, one layer for every width of tape; the
 * ledge and what stays free on layers of their own, the bead as open polylines.
 */
final readonly class DxfSheet
{
    public const LEDGE = 'LEDGE';
    public const FREE = 'LEAVE_FREE';
    public const BEAD = 'BEAD';

    public function __construct(private CutDrawing $drawing) {}

    public function dxf(): string
    {
        $d = $this->drawing;
        $layers = array_map(self::layer(...), $d->widths());
        $entities = [
            ...$this->rounded(self::LEDGE, $d->wall),
            ...$this->rounded(self::LEDGE, $d->well),
        ];
        foreach ($d->free as $shape) {
            array_push($entities, ...$this->rounded(self::FREE, $shape));
        }
        foreach ($d->pieces as $piece) {
            $corners = array_map(static fn(Point $p): array => [$p, 0.0], $piece->lies->points);
            array_push($entities, ...$this->polyline(self::layer($piece->stock), $corners, true));
        }
        foreach ($d->stretches as $legs) {
            array_push($entities, ...$this->polyline(self::BEAD, self::walked($legs), false));
        }

        return implode("\n", [
            ...self::header([self::LEDGE, self::FREE, self::BEAD, ...$layers]),
            '0',
            'SECTION',
            '2',
            'ENTITIES',
            ...$entities,
            '0',
            'ENDSEC',
            '0',
            'EOF',
        ]) . "\n";
    }

    /** The name of the layer of a width: `TAPE_1_5_MM`. */
    public static function layer(float $width): string
    {
        return 'TAPE_' . str_replace('.', '_', rtrim(rtrim(number_format($width, 2, '.', ''), '0'), '.')) . '_MM';
    }

    /**
     * @param list<string> $layers
     *
     * @return list<string>
     */
    private static function header(array $layers): array
    {
        $table = [];
        foreach ($layers as $i => $name) {
            array_push(
                $table,
                '0',
                'LAYER',
                '2',
                $name,
                '70',
                '0',
                '62',
                (string) ($i + 1),
                '6',
                'CONTINUOUS',
            );
        }

        return [
            '0', 'SECTION', '2', 'HEADER', '9', '$ACADVER', '1', 'AC1009', '0', 'ENDSEC',
            '0', 'SECTION', '2', 'TABLES', '0', 'TABLE', '2', 'LAYER', '70', (string) \count($layers),
            ...$table,
            '0', 'ENDTAB', '0', 'ENDSEC',
        ];
    }

    /** @return list<string> */
    private function rounded(string $layer, RoundedRectangle $r): array
    {
        $b = $r->box;
        $q = $r->radius;
        // A quarter circle bulges by tan(90°/4); clockwise here is against the clock with y upwards turned over.
        $arc = $q > 0 ? -tan(\M_PI / 8) : 0.0;

        return $this->polyline($layer, [
            [new Point($b->x + $q, $b->y), 0.0],
            [new Point($b->right() - $q, $b->y), $arc],
            [new Point($b->right(), $b->y + $q), 0.0],
            [new Point($b->right(), $b->bottom() - $q), $arc],
            [new Point($b->right() - $q, $b->bottom()), 0.0],
            [new Point($b->x + $q, $b->bottom()), $arc],
            [new Point($b->x, $b->bottom() - $q), 0.0],
            [new Point($b->x, $b->y + $q), $arc],
        ], true);
    }

    /**
     * @param list<Leg> $legs
     *
     * @return list<array{Point, float}>
     */
    private static function walked(array $legs): array
    {
        $corners = [];
        foreach ($legs as $leg) {
            $corners[] = [$leg->start, $leg->centre === null ? 0.0 : -tan(($leg->to - $leg->from) / 4)];
        }
        if ($legs !== []) {
            $corners[] = [$legs[\count($legs) - 1]->end, 0.0];
        }

        return $corners;
    }

    /**
     * @param list<array{Point, float}> $corners each with the bulge of the piece that begins there
     *
     * @return list<string>
     */
    private function polyline(string $layer, array $corners, bool $closed): array
    {
        $out = ['0', 'POLYLINE', '8', $layer, '66', '1', '70', $closed ? '1' : '0'];
        array_push(
            $out,
            '10',
            '0.0',
            '20',
            '0.0',
            '30',
            '0.0',
        );
        foreach ($corners as [$p, $bulge]) {
            array_push(
                $out,
                '0',
                'VERTEX',
                '8',
                $layer,
                '10',
                \sprintf('%.4f', $p->x),
                '20',
                \sprintf('%.4f', -$p->y),
                '30',
                '0.0',
                '42',
                \sprintf('%.8f', $bulge),
            );
        }

        return [...$out, '0', 'SEQEND', '8', $layer];
    }
}
