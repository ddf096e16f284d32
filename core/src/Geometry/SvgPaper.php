<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/** A sheet of A4 in mm as an SVG document: it prints at its true size if nothing scales it. */
final readonly class SvgPaper
{
    /** mm */
    public const WIDTH = 210.0;
    public const HEIGHT = 297.0;
    /** What stands under a title: how the sheet is printed. */
    private const HINT = 'Print at 100 %. The bar below is 50 mm long; measure it before you trust the sheet.';

    /** @param list<string> $body elements, laid out by whoever made them */
    public static function document(string $title, float $left, float $bar, array $body): string
    {
        $head = [
            self::text(
                $left,
                12,
                5,
                $title,
                true,
            ),
            self::text(
                $left,
                18,
                3.2,
                self::HINT,
            ),
        ];

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.0fmm" height="%2$.0fmm" '
                . 'viewBox="0 0 %1$.0f %2$.0f" font-family="sans-serif">%3$s</svg>',
            self::WIDTH,
            self::HEIGHT,
            implode('', [...$head, ...$body, ...self::bar($left, $bar)]),
        );
    }

    public static function text(
        float $x,
        float $y,
        float $size,
        string $text,
        bool $bold = false,
        string $anchor = 'start',
    ): string {
        return \sprintf(
            '<text x="%.2f" y="%.2f" font-size="%.2f" text-anchor="%s"%s>%s</text>',
            $x,
            $y,
            $size,
            $anchor,
            $bold ? ' font-weight="bold"' : '',
            htmlspecialchars($text, \ENT_XML1),
        );
    }

    /** mm as they are printed: no zeros that say nothing. */
    public static function figure(float $mm): string
    {
        return rtrim(rtrim(number_format($mm, 2, '.', ''), '0'), '.');
    }

    /**
     * 50 mm of ink, to be measured.
     *
     * @return list<string>
     */
    private static function bar(float $x, float $y): array
    {
        return [
            \sprintf(
                '<path d="M%1$.2f %2$.2fv-3M%1$.2f %3$.2fh50m0 -1.5v3" fill="none" stroke="#000" stroke-width="0.4"/>',
                $x,
                $y,
                $y - 1.5,
            ),
            self::text($x + 53, $y - 0.5, 3.2, '50 mm'),
        ];
    }
}
