<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/**
 * Reads width, height and corner radius of a phone from a drawing: its first rectangle, or the bounds of its first
 * path. Units are mm, or those of the view box scaled to a width given in mm.
 */
final readonly class SvgOutline
{
    /**
     * @param float $width  mm
     * @param float $height mm
     * @param float $radius mm, zero if the corners are square
     */
    private function __construct(public float $width, public float $height, public float $radius) {}

    /** @throws NoOutline If the text is no drawing of a phone's outline. */
    public static function read(string $svg): self
    {
        if (\strlen($svg) > 500_000 || stripos($svg, '<!DOCTYPE') !== false || stripos($svg, '<!ENTITY') !== false) {
            throw NoOutline::because('the drawing is too large or defines entities');
        }
        $before = libxml_use_internal_errors(true);
        $xml = simplexml_load_string($svg, options: \LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if ($xml === false || $xml->getName() !== 'svg') {
            throw NoOutline::because('this is not an SVG drawing');
        }
        $shapes = $xml->xpath('//*[local-name()="rect" or local-name()="path"]');
        $shape = (\is_array($shapes) ? $shapes[0] ?? null : null)
            ?? throw NoOutline::because('the drawing has neither a rectangle nor a path');
        [$width, $height, $radius]
            = $shape->getName() === 'rect' ? self::rectangle($shape) : self::path((string) $shape['d']);
        $scale = self::scale($xml);
        if ($width * $scale < 20 || $width * $scale > 300 || $height * $scale < 20 || $height * $scale > 300) {
            throw NoOutline::because(
                \sprintf('the outline is %.1f × %.1f mm; a phone is 20 to 300 mm', $width * $scale, $height * $scale),
            );
        }

        return new self(
            round($width * $scale, 2),
            round($height * $scale, 2),
            round(min($radius, $width / 2, $height / 2) * $scale, 2),
        );
    }

    /** @return array{float, float, float} */
    private static function rectangle(\SimpleXMLElement $rect): array
    {
        return [(float) $rect['width'], (float) $rect['height'], max((float) $rect['rx'], (float) $rect['ry'])];
    }

    /** @return array{float, float, float} bounds of all points, and the radius of the first arc */
    private static function path(string $d): array
    {
        preg_match_all('/([MLHVCSQTAZ])([^MLHVCSQTAZ]*)/i', $d, $commands, \PREG_SET_ORDER);
        $at = [0.0, 0.0];
        $points = [];
        $radius = 0.0;
        foreach ($commands as [, $letter, $figures]) {
            preg_match_all('/-?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/i', $figures, $found);
            $relative = ctype_lower($letter);
            foreach (
                array_chunk(array_map(floatval(...), $found[0]), max(1, self::figures(strtoupper($letter)))) as $f
            ) {
                if (\count($f) < self::figures(strtoupper($letter))) {
                    throw NoOutline::because('the path of the drawing is cut short');
                }
                $base = $relative ? $at : [0.0, 0.0];
                $radius = strtoupper($letter) === 'A' && $radius === 0.0 ? $f[0] : $radius;
                $at = match (strtoupper($letter)) {
                    'H' => [$base[0] + $f[0], $at[1]],
                    'V' => [$at[0], $base[1] + $f[0]],
                    'Z' => $at,
                    default => [$base[0] + $f[\count($f) - 2], $base[1] + $f[\count($f) - 1]],
                };
                $points[] = $at;
            }
        }
        if (\count($points) < 3) {
            throw NoOutline::because('the path of the drawing has too few points');
        }
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];

        return [max($xs) - min($xs), max($ys) - min($ys), $radius];
    }

    private static function figures(string $letter): int
    {
        return ['M' => 2, 'L' => 2, 'T' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'S' => 4, 'Q' => 4, 'A' => 7][$letter] ?? 0;
    }

    /** mm per unit of the drawing. */
    private static function scale(\SimpleXMLElement $svg): float
    {
        $box = preg_split('/[\s,]+/', trim((string) $svg['viewBox']));
        $wide = $box !== false && \count($box) === 4 ? (float) $box[2] : 0.0;
        if ($wide <= 0 || preg_match('/^([\d.]+)\s*(mm|cm|in)$/', trim((string) $svg['width']), $m) !== 1) {
            return 1.0;
        }

        return (float) $m[1] * ['mm' => 1.0, 'cm' => 10.0, 'in' => 25.4][$m[2]] / $wide;
    }
}
