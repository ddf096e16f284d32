<?php

declare(strict_types=1);

namespace App\Papers;

/** An SVG drawing on a paper, as a data address: nothing is fetched. */
final readonly class Picture
{
    /**
     * @param float $width  mm, or any unit: the paper says how wide it is shown
     * @param float $height of the same
     */
    public static function of(float $width, float $height, string $content, string $box = ''): string
    {
        $box = $box === '' ? sprintf('0 0 %.1f %.1f', $width, $height) : $box;

        return 'data:image/svg+xml;base64,'
            . base64_encode(
                sprintf(
                    '<svg xmlns="http://www.w3.org/2000/svg" width="%.1f" height="%.1f" viewBox="%s">%s</svg>',
                    $width,
                    $height,
                    $box,
                    $content,
                ),
            );
    }

    /**
     * A signature.
     *
     * @param list<list<array{float, float}>> $strokes
     *
     * @return string|null null if nothing was drawn
     */
    public static function signature(array $strokes): ?string
    {
        $lines = array_map(
            static fn(array $stroke): string => self::line($stroke, '#1C2428', 2.0),
            $strokes,
        );

        return $strokes === [] ? null : self::of(300, 100, implode('', $lines));
    }

    /** @param list<array{float|int, float|int}> $points */
    public static function line(array $points, string $colour, float $width): string
    {
        $at = array_map(
            static fn(array $p): string => round((float) $p[0], 1) . ',' . round((float) $p[1], 1),
            $points,
        );

        return sprintf(
            '<polyline points="%s" fill="none" stroke="%s" stroke-width="%.2f"/>',
            implode(' ', $at),
            $colour,
            $width,
        );
    }

    public static function box(
        float $x,
        float $y,
        float $width,
        float $height,
        string $style,
    ): string {
        return sprintf(
            '<rect x="%.1f" y="%.1f" width="%.1f" height="%.1f" %s/>',
            $x,
            $y,
            $width,
            $height,
            $style,
        );
    }
}
