<?php

declare(strict_types=1);

namespace Facelift\Fasteners;

use Facelift\Geometry\RoundedRectangle;
use Facelift\Geometry\SvgPaper;

/**
 * The screw mat as a sheet to be printed at 1:1: the phone's outline with every screw's place, and each screw drawn
 * at its true length.
 */
final readonly class MatSheet
{
    private const LEFT = 12.0;
    private const TOP = 24.0;
    /** Room for a screw to lie in, mm. */
    private const CELL = 16.0;
    private const ROW = 15.0;
    private const COLUMNS = 6;
    /** mm of the strip that a screw is held against */
    private const LONGEST = 12;

    /** @param list<MatPlace> $places in the order of removal */
    public function __construct(private string $title, private RoundedRectangle $outline, private array $places) {}

    /** A document of its own, in mm; it prints at its true size if nothing scales it. */
    public function svg(): string
    {
        $box = $this->outline->box;
        $body = [
            \sprintf(
                '<rect x="%.2f" y="%.2f" width="%.2f" height="%.2f" rx="%.2f" '
                    . 'fill="none" stroke="#000" stroke-width="0.3"/>',
                self::LEFT,
                self::TOP,
                $box->width,
                $box->height,
                $this->outline->radius,
            ),
        ];
        foreach ($this->places as $place) {
            $body[] = \sprintf(
                '<circle cx="%.2f" cy="%.2f" r="2.6" fill="#fff" stroke="#000" stroke-width="0.3"/>',
                self::LEFT + $place->at->x,
                self::TOP + $place->at->y,
            );
            $body[] = SvgPaper::text(
                self::LEFT + $place->at->x,
                self::TOP + $place->at->y + 1,
                2.8,
                (string) $place->number,
                true,
                'middle',
            );
        }
        array_push($body, ...self::strip(self::TOP + $box->height + 12));
        $right = self::LEFT + $box->width + 8;
        $y = self::TOP + 4;
        foreach ($this->groups() as $group) {
            [$head, $cells, $y] = $this->group($group, $right, $y);
            array_push($body, $head, ...$cells);
        }

        return SvgPaper::document($this->title, self::LEFT, SvgPaper::HEIGHT - 12, $body);
    }

    /**
     * A strip in half millimetres to hold a screw against: its head lies in the notch, its shank from 0 on.
     *
     * @return list<string>
     */
    private static function strip(float $y): array
    {
        $zero = self::LEFT + 6;
        $lines = [\sprintf(
            'M%.2f %.2fv3h-1.2M%.2f %.2fH%.2f',
            $zero,
            $y - 3,
            $zero,
            $y,
            $zero + self::LONGEST,
        )];
        $figures = [SvgPaper::text(
            self::LEFT,
            $y - 4.5,
            3,
            'Length of a screw without its head, mm',
            false,
        )];
        for ($half = 0; $half <= 2 * self::LONGEST; ++$half) {
            $lines[] = \sprintf('M%.2f %.2fv%.1f', $zero + $half / 2, $y, $half % 2 === 0 ? 2.4 : 1.2);
            if ($half % 4 === 0) {
                $figures[] = SvgPaper::text(
                    $zero + $half / 2,
                    $y + 5,
                    2.2,
                    (string) ($half / 2),
                    false,
                    'middle',
                );
            }
        }

        return [
            '<path d="' . implode('', $lines) . '" fill="none" stroke="#000" stroke-width="0.15"/>',
            ...$figures,
        ];
    }

    /** @return list<non-empty-list<MatPlace>> alike screws that come out together */
    private function groups(): array
    {
        $groups = [];
        foreach ($this->places as $place) {
            $groups[$place->fastener][] = $place;
        }

        return array_values($groups);
    }

    /**
     * @param non-empty-list<MatPlace> $group
     *
     * @return array{string, list<string>, float} its heading, its cells, and where the next may begin
     */
    private function group(array $group, float $x, float $y): array
    {
        $columns = max(1, min(self::COLUMNS, (int) floor((SvgPaper::WIDTH - 8 - $x) / self::CELL)));
        $cells = [];
        foreach ($group as $i => $place) {
            $left = $x + $i % $columns * self::CELL;
            $top = $y + 2 + intdiv($i, $columns) * self::ROW;
            $cells[] = \sprintf(
                '<rect x="%.2f" y="%.2f" width="%.2f" height="%.2f" rx="1.5" '
                    . 'fill="none" stroke="#888" stroke-width="0.25"/>',
                $left,
                $top,
                self::CELL - 1.5,
                self::ROW - 1.5,
            );
            $cells[] = SvgPaper::text(
                $left + 1.2,
                $top + 4,
                3,
                (string) $place->number,
                true,
            );
            // Head and shank at their true length, lying down.
            $cells[] = \sprintf(
                '<path d="M%1$.2f %2$.2fv2.4h1v-2.4ZM%3$.2f %4$.2fh%5$.2fv1h-%5$.2fZ" fill="#000"/>',
                $left + 2,
                $top + 7.4,
                $left + 3,
                $top + 8.1,
                $place->length,
            );
        }
        $first = $group[0];
        $rows = intdiv(\count($group) + $columns - 1, $columns);

        return [
            SvgPaper::text(
                $x,
                $y,
                3.4,
                \sprintf('%d × %s, %s mm', \count($group), $first->driver->value, SvgPaper::figure($first->length)),
                true,
            ),
            $cells,
            $y + 8 + $rows * self::ROW,
        ];
    }
}
