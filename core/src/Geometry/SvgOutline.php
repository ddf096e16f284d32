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
        self::mustLieAsDrawn($shape);
        [$width, $height, $radius]
            = $shape->getName() === 'rect' ? self::rectangle($shape) : SvgPath::extent((string) $shape['d']);
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
        return [
            self::plain($rect, 'width'),
            self::plain($rect, 'height'),
            max(self::plain($rect, 'rx'), self::plain($rect, 'ry')),
        ];
    }

    /** @throws NoOutline If it or what it lies in is moved, turned or scaled. */
    private static function mustLieAsDrawn(\SimpleXMLElement $shape): void
    {
        $moved = $shape->xpath('ancestor-or-self::*[@transform or contains(@style, "transform")]');
        if (\is_array($moved) && $moved !== []) {
            throw NoOutline::because('the outline is moved, turned or scaled by a transform: take it out first');
        }
    }

    /** @throws NoOutline If it is no plain number. */
    private static function plain(\SimpleXMLElement $rect, string $name): float
    {
        $text = trim((string) $rect[$name]);
        if ($text !== '' && preg_match('/^(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?$/Di', $text) !== 1) {
            throw NoOutline::because("the rectangle's $name is \"$text\"; a plain number is wanted");
        }

        return (float) $text;
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
